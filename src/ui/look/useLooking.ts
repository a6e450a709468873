import { useEffect, useRef, useState } from 'react';
import type { Refusal } from '@/core/look';
import { wasCancelled } from '@/workers/callOnce';
import { lookAtPhoto } from '@/workers/looker/client';
import type { Looked, LookedAt } from '@/workers/looker/contract';

/** Where a look is. What it told is with whoever keeps it. */
export type Looking =
  | { readonly kind: 'rest' }
  | { readonly kind: 'busy' }
  | { readonly kind: 'refused'; readonly refuse: Refusal }
  | { readonly kind: 'failed'; readonly words: string };

/** A photo that could be measured. */
export type Told = Extract<Looked, { kind: 'measured' }>;

const REST: Looking = { kind: 'rest' };

/** Looks at photos, one at a time; `keep` takes what they tell. */
export function useLooking<Of extends LookedAt>(keep: (told: Told, of: Of) => Promise<void> | void) {
  const [looking, setLooking] = useState<Looking>(REST);
  const cancel = useRef<() => void>(undefined);
  useEffect(() => () => cancel.current?.(), []);

  const take = async (file: Blob, of: Of) => {
    cancel.current?.();
    setLooking({ kind: 'busy' });
    const call = lookAtPhoto(file, of);
    cancel.current = call.cancel;
    try {
      const looked = await call.result;
      if (looked.kind === 'refused') return setLooking(looked);
      if (looked.kind === 'unreadable') return setLooking({ kind: 'failed', words: looked.words });
      await keep(looked, of);
      setLooking(REST);
    } catch (reason) {
      // Another photo was chosen meanwhile, and is looked at now.
      if (cancel.current !== call.cancel) return;
      if (wasCancelled(reason)) setLooking(REST);
      else setLooking({ kind: 'failed', words: 'Looking did not work this time. Nothing was kept; try it once more.' });
    }
  };
  return { looking, take, stop: () => cancel.current?.(), clear: () => setLooking(REST) };
}
