/// <reference lib="webworker" />
// Keeps every page and everything it needs on the device, so that Gander opens where nothing answers.
import { cleanupOutdatedCaches, type PrecacheEntry, precacheAndRoute } from 'workbox-precaching';
import { changes } from './changes.ts';
import type { Message, TakeOverAnswer } from './messages.ts';

declare const self: ServiceWorkerGlobalScope;
/** Every file of this build; written in by `keepOffline` when they are known. */
declare const BUILT_FILES: PrecacheEntry[];

precacheAndRoute(BUILT_FILES, {
  // What a page shows is in its query, which never changes the page itself.
  ignoreURLParametersMatching: [/./],
  // An address typed without its last slash is the same page.
  urlManipulation: ({ url }) => (url.pathname.endsWith('/') ? [] : [new URL(`${url.pathname}/index.html`, url)]),
});
cleanupOutdatedCaches();

self.addEventListener('message', (event) => {
  const answer = (said: unknown) => event.ports[0]?.postMessage(said);
  const message = event.data as Message;
  if (message === 'what changed') answer(changes);
  if (message === 'take over') event.waitUntil(takeOver().then(answer));
});

/** A newer Gander takes the place of the one before, unless another window still needs the files of that one. */
async function takeOver(): Promise<TakeOverAnswer> {
  const windows = await self.clients.matchAll({ type: 'window', includeUncontrolled: true });
  if (windows.length > 1) return 'other windows';
  await self.skipWaiting();
  return 'taken';
}
