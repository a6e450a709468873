import { useEffect } from 'react';
import { useLatest } from './useSteady';

/** Does something as what is shown goes away: another tab of the screen, another page, or the browser closed. */
export function useOnLeaving(act: () => void): void {
  const latest = useLatest(act);
  useEffect(() => {
    const leave = () => latest.current();
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      leave();
    };
  }, [latest]);
}
