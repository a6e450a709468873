/// <reference lib="webworker" />
// Keeps every page and everything it needs on the device, so that Gander opens where nothing answers.
import { cleanupOutdatedCaches, type PrecacheEntry, precacheAndRoute } from 'workbox-precaching';
import { TAKE_OVER } from './takeOver.ts';

declare const self: ServiceWorkerGlobalScope;
/** Every file of this build; written in by `keepOffline` when they are known. */
declare const BUILT_FILES: PrecacheEntry[];

// What a page shows is in its query, which never changes the page itself.
precacheAndRoute(BUILT_FILES, { ignoreURLParametersMatching: [/./] });
cleanupOutdatedCaches();

self.addEventListener('message', (event) => {
  if (event.data === TAKE_OVER) event.waitUntil(takeOver());
});

/** A newer Gander takes the place of the one before, unless another window still needs the files of that one. */
async function takeOver(): Promise<void> {
  const windows = await self.clients.matchAll({ type: 'window', includeUncontrolled: true });
  if (windows.length <= 1) await self.skipWaiting();
}
