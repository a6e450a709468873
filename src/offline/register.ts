import { TAKE_OVER } from './takeOver.ts';

/** A page that opens, and whoever uses it, have better things to do than to fetch every other page: it waits for such a rest. */
const RESTS_MS = 5000;
const BUSY = ['keydown', 'pointerdown', 'scroll'] as const;

/** Keeps Gander on this device for when nothing answers; browsers allow it only at https addresses and localhost. */
export function keepOnDevice(): void {
  const keeper = navigator.serviceWorker;
  if (!import.meta.env.PROD || !keeper) return;
  // Without it the app works as before, as long as the server answers.
  atRest(() => void keeper.register('/offline.js').catch(() => {}));
  // Only now, before anything was touched, and never at the heat: a newer Gander means one reload.
  if (!keeper.controller || location.pathname.includes('/live/')) return;
  void keeper.getRegistration().then((registration) => {
    if (!registration?.waiting) return;
    keeper.addEventListener('controllerchange', () => location.reload(), { once: true });
    registration.waiting.postMessage(TAKE_OVER);
  });
}

function atRest(act: () => void): void {
  let timer: ReturnType<typeof setTimeout>;
  const wait = () => {
    clearTimeout(timer);
    timer = setTimeout(() => {
      for (const each of BUSY) removeEventListener(each, wait);
      act();
    }, RESTS_MS);
  };
  for (const each of BUSY) addEventListener(each, wait, { passive: true });
  wait();
}
