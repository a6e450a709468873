import { useEffect, useRef, useState } from 'react';
import { createId } from '@/core/ids';
import { asLook, type Refusal } from '@/core/look';
import type { PullEntry, Roast, RoastLook } from '@/core/roast';
import { shadeOfLightness } from '@/core/shade';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { ownScaleOf } from '@/store/ownScale';
import { keepLook } from '@/store/photos';
import { secureRandom } from '@/store/random';
import { wasCancelled } from '@/workers/callOnce';
import { lookAtPhoto } from '@/workers/looker/client';

/** Where a look is. What it told is with the roast. */
export type Looking =
  | { readonly kind: 'rest' }
  | { readonly kind: 'busy' }
  | { readonly kind: 'refused'; readonly refuse: Refusal }
  | { readonly kind: 'failed'; readonly words: string };

const REST: Looking = { kind: 'rest' };

/** Looks at photos of a pull, one at a time, and keeps what they tell with its roast. */
export function useLooking(roast: Roast, pull: PullEntry) {
  const [looking, setLooking] = useState<Looking>(REST);
  const cancel = useRef<() => void>(undefined);
  useEffect(() => () => cancel.current?.(), []);

  const take = async (file: Blob, of: RoastLook['of']) => {
    cancel.current?.();
    setLooking({ kind: 'busy' });
    const call = lookAtPhoto(file, of);
    cancel.current = call.cancel;
    try {
      const looked = await call.result;
      if (looked.kind === 'refused') return setLooking(looked);
      if (looked.kind === 'unreadable') return setLooking({ kind: 'failed', words: looked.words });
      const facts = { id: createId('look', secureRandom), at: new Date().toISOString(), pullId: pull.id, of };
      const look = asLook(looked.measure, facts);
      const { lies } = await ownScaleOf(database(), roast.id);
      const proposed = of === 'whole' ? shadeOfLightness(look.lightness - lies) : undefined;
      const { change, photoKept } = await keepLook(database(), roast.id, look, { photo: looked.photo, proposed });
      setLooking(REST);
      notify({
        text: photoKept
          ? 'The beans are measured, and the photo is kept with the roast.'
          : 'The beans are measured. There was no room for the photo: remove old ones in Files and settings.',
        undo: change,
      });
    } catch (reason) {
      if (wasCancelled(reason)) setLooking(REST);
      else setLooking({ kind: 'failed', words: 'Looking did not work this time. Nothing was kept; try it once more.' });
    }
  };
  return { looking, take, stop: () => cancel.current?.(), clear: () => setLooking(REST) };
}
