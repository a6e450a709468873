import { useSyncExternalStore } from 'react';

/** The same window as in live/heat.css: beside the tray there is room for marks and moves. */
const ROOMY = '(min-width: 640px) and (min-height: 640px)';
/** Windows as low as a phone's, or lower. */
const LOW = '(max-height: 779px) and (max-width: 639px), (max-height: 560px)';

/** One question to the browser for each, since the screen asks at every second and every press. */
const room = { roomy: matchMedia(ROOMY), low: matchMedia(LOW) };

function listen(listener: () => void): () => void {
  for (const query of Object.values(room)) query.addEventListener('change', listener);
  return () => {
    for (const query of Object.values(room)) query.removeEventListener('change', listener);
  };
}

/** How much room the window has for what is pressed and drawn. */
export function useRoom(): { readonly roomy: boolean; readonly low: boolean } {
  const roomy = useSyncExternalStore(listen, () => room.roomy.matches);
  const low = useSyncExternalStore(listen, () => room.low.matches);
  return { roomy, low };
}
