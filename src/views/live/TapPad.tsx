import { useEffect, useState } from 'react';
import { crackRate } from '@/core/roast';
import type { LiveRoastModel } from './useLiveRoast';

/** Tapping along with the pops: a pad as wide as a hand, and while it is open any key counts. */
export function TapPad({ model, onTap }: { readonly model: LiveRoastModel; readonly onTap: () => void }) {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    if (!open) return;
    const down = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      if (event.key === 'Escape') setOpen(false);
      else if (!event.repeat) onTap();
    };
    // The roast’s own keys stand back while this is set.
    document.documentElement.dataset.tapping = 'true';
    window.addEventListener('keydown', down, { capture: true });
    return () => {
      delete document.documentElement.dataset.tapping;
      window.removeEventListener('keydown', down, { capture: true });
    };
  }, [open, onTap]);
  const all = [...model.ribbon.cracks.first, ...model.ribbon.cracks.second];
  const rate = crackRate(all, model.nowS);
  if (!open)
    return (
      <button type="button" className="min-h-16 w-full underline underline-offset-4" onClick={() => setOpen(true)}>
        Tap along with the pops, any key
      </button>
    );
  return (
    <div>
      <button
        type="button"
        className="border-ink active:bg-sunk h-40 w-full touch-manipulation rounded-3xl border-3 border-dashed text-2xl font-bold select-none"
        onPointerDown={onTap}
      >
        Tap for each pop
        <span className="text-husk block text-lg font-normal">
          {rate > 0 ? `${Math.round(rate)} a minute` : 'or press any key; Escape ends it'}
        </span>
      </button>
      <button type="button" className="min-h-16 w-full underline underline-offset-4" onClick={() => setOpen(false)}>
        Enough tapping
      </button>
    </div>
  );
}
