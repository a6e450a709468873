import { useEffect, useState } from 'react';

/** A newer Gander that is kept already and waits for its turn; undefined while there is none. */
export function useWaiting(): ServiceWorker | undefined {
  const [waiting, setWaiting] = useState<ServiceWorker>();
  useEffect(() => {
    const keeper = navigator.serviceWorker;
    // The first Gander on a device has nobody to take over from.
    if (!keeper?.controller) return;
    const stop = new AbortController();
    const { signal } = stop;
    void keeper.getRegistration().then((registration) => {
      if (!registration || signal.aborted) return;
      const look = () => setWaiting(registration.waiting ?? undefined);
      const follow = () => registration.installing?.addEventListener('statechange', look, { signal });
      look();
      // The browser looks for a newer one as the page opens: it may be on its way before this page asks.
      follow();
      registration.addEventListener('updatefound', follow, { signal });
    });
    return () => stop.abort();
  }, []);
  return waiting;
}
