import { TAKE_OVER } from './takeOver.ts';

/** A page that opens has better things to do than to fetch every other. */
const AFTER_MS = 4000;

/** Keeps Gander on this device for when nothing answers; browsers allow it only at https addresses and localhost. */
export function keepOnDevice(): void {
  const keeper = navigator.serviceWorker;
  if (!import.meta.env.PROD || !keeper) return;
  // Without it the app works as before, as long as the server answers.
  setTimeout(() => void keeper.register('/offline.js').catch(() => {}), AFTER_MS);
  // Only now, before anything was touched, and never at the heat: a newer Gander means one reload.
  if (!keeper.controller || location.pathname.includes('/live/')) return;
  void keeper.getRegistration().then((registration) => {
    if (!registration?.waiting) return;
    keeper.addEventListener('controllerchange', () => location.reload(), { once: true });
    registration.waiting.postMessage(TAKE_OVER);
  });
}
