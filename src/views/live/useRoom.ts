import { useSyncExternalStore } from 'react';

/** The same window as in live/heat.css: beside the tray there is room for marks and moves. */
const ROOMY = '(min-width: 640px) and (min-height: 640px)';
/** Windows as low as a phone's, or lower. */
const LOW = '(max-height: 779px) and (max-width: 639px), (max-height: 560px)';
/** Wide windows that are low, as in live/heat.css. */
const SHALLOW = '(min-width: 960px) and (min-height: 640px) and (max-height: 739px) and (orientation: landscape)';

/** One question to the browser for each, since the screen asks at every second and every press. */
const room = { roomy: matchMedia(ROOMY), low: matchMedia(LOW), shallow: matchMedia(SHALLOW) };

function listen(listener: () => void): () => void {
  for (const query of Object.values(room)) query.addEventListener('change', listener);
  return () => {
    for (const query of Object.values(room)) query.removeEventListener('change', listener);
  };
}

/** How much room the window has for what is pressed and drawn. */
export function useRoom(): Readonly<Record<keyof typeof room, boolean>> {
  return {
    roomy: useSyncExternalStore(listen, () => room.roomy.matches),
    low: useSyncExternalStore(listen, () => room.low.matches),
    shallow: useSyncExternalStore(listen, () => room.shallow.matches),
  };
}
