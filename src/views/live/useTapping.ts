import { useEffect, useState } from 'react';

/** Tapping along with any key: while it is on each key is a crack, and Escape ends it. */
export function useTapping(onTap: () => unknown): readonly [boolean, (on: boolean) => void] {
  const [on, setOn] = useState(false);
  useEffect(() => {
    if (!on) return;
    const down = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      if (event.key === 'Escape') setOn(false);
      else if (!event.repeat) onTap();
    };
    // The roast's own keys stand back while this is set.
    document.documentElement.dataset.tapping = 'true';
    window.addEventListener('keydown', down, { capture: true });
    return () => {
      delete document.documentElement.dataset.tapping;
      window.removeEventListener('keydown', down, { capture: true });
    };
  }, [on, onTap]);
  return [on, setOn];
}
