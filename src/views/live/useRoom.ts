import { useSyncExternalStore } from 'react';

/** The same window as in live/heat.css: beside the tray there is room for marks and moves. */
const ROOMY = '(min-width: 640px) and (min-height: 640px)';
/** Windows as low as a phone's, or lower. */
const LOW = '(max-height: 779px) and (max-width: 639px), (max-height: 560px)';

function listen(listener: () => void): () => void {
  const queries = [matchMedia(ROOMY), matchMedia(LOW)];
  for (const query of queries) query.addEventListener('change', listener);
  return () => {
    for (const query of queries) query.removeEventListener('change', listener);
  };
}

/** How much room the window has for what is pressed and drawn. */
export function useRoom(): { readonly roomy: boolean; readonly low: boolean } {
  const roomy = useSyncExternalStore(listen, () => matchMedia(ROOMY).matches);
  const low = useSyncExternalStore(listen, () => matchMedia(LOW).matches);
  return { roomy, low };
}
