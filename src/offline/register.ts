/** A page that opens has better things to do than to fetch every other page: it waits for a rest, though not for ever. */
const RESTS_MS = 2000;
const AT_LAST_MS = 8000;
const BUSY = ['keydown', 'pointerdown', 'scroll'] as const;

/** Keeps Gander on this device for when nothing answers; browsers allow it only at https addresses and localhost. */
export function keepOnDevice(): void {
  const keeper = navigator.serviceWorker;
  if (!import.meta.env.PROD || !keeper) return;
  // Without it the app works as before, as long as the server answers.
  atRest(() => void keeper.register('/offline.js').catch(() => {}));
}

/** Acts once: after a rest, at last in any case, or when the page is left before either. */
function atRest(act: () => void): void {
  const stop = new AbortController();
  const { signal } = stop;
  const now = () => {
    stop.abort();
    clearTimeout(rest);
    clearTimeout(last);
    act();
  };
  let rest = setTimeout(now, RESTS_MS);
  const last = setTimeout(now, AT_LAST_MS);
  const wait = () => {
    clearTimeout(rest);
    rest = setTimeout(now, RESTS_MS);
  };
  for (const each of BUSY) addEventListener(each, wait, { passive: true, signal });
  document.addEventListener('visibilitychange', () => document.visibilityState === 'hidden' && now(), { signal });
}
