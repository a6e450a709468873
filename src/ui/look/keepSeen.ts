import { createId } from '@/core/ids';
import { asLook } from '@/core/look';
import type { PullEntry, Roast, RoastLook } from '@/core/roast';
import { shadeOfLightness } from '@/core/shade';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { ownScaleOf } from '@/store/ownScale';
import { keepLook } from '@/store/photos';
import { secureRandom } from '@/store/random';
import type { Told } from './useLooking';

/** Keeps what a photo told of a pull with its roast, proposes the shade by this household's own scale, and says so. */
export async function keepSeen(
  roast: Roast,
  pull: PullEntry,
  { measure, photo }: Told,
  of: RoastLook['of'],
): Promise<void> {
  const facts = { id: createId('look', secureRandom), takenAt: new Date().toISOString(), pullId: pull.id, of };
  const look = asLook(measure, facts);
  const { lies } = await ownScaleOf(database(), roast.id);
  const proposed = of === 'whole' ? shadeOfLightness(look.lightness - lies) : undefined;
  const { change, photoKept } = await keepLook(database(), roast.id, look, { photo, proposed });
  notify({
    text: photoKept
      ? 'The beans are measured, and the photo is kept with the roast.'
      : 'The beans are measured. There was no room for the photo: remove old ones in Files and settings.',
    undo: change,
  });
}
