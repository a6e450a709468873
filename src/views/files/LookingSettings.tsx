import { useLiveQuery } from 'dexie-react-hooks';
import { shadeOf } from '@/core/shade';
import { counted, formatMegabytes } from '@/core/units';
import { database } from '@/store/current';
import { photoSpace, removePhotos } from '@/store/photos';
import { saveHousehold } from '@/store/settings';
import { DeleteForGood } from '@/ui/DeleteForGood';
import { useOwnScale } from '@/ui/look/useOwnScale';
import { Tick } from '@/ui/Tick';
import { useHousehold, useWords } from '@/ui/useHousehold';
import { CameraDrift } from './CameraDrift';

/** The scale of one's own, photos in the journal, and what photos take. */
export function LookingSettings() {
  const household = useHousehold();
  const space = useLiveQuery(() => photoSpace(database()), []);
  return (
    <section className="border-ink border-t-2 pt-3">
      <h2 className="mb-2 text-2xl">How Gander looks</h2>
      <p className="text-husk mb-2 max-w-[65ch]">
        On the page of a roast, and after the pull, Gander measures the shade from a photo beside white paper. Photos
        stay on this device and are at most 300 kB each; place, time and camera are taken out of them.
      </p>
      <OwnShades />
      <CameraDrift />
      <Tick
        checked={household.photosInJournal === true}
        onChange={(event) => void saveHousehold(database(), { photosInJournal: event.target.checked || undefined })}
      >
        A small square of the photo in each row of the journal
      </Tick>
      {space && space.bytes > 0 && (
        <p className="mt-2 flex flex-wrap items-center gap-x-4">
          {counted(space.photos, 'photo')} of {counted(space.roasts, 'roast')} {space.photos === 1 ? 'takes' : 'take'}{' '}
          {formatMegabytes(space.bytes)} here.
          <DeleteForGood
            label="Remove all photos"
            says="They cannot be had back. What they told, the shades and the figures, stays with the roasts."
            onDelete={() => removePhotos(database())}
          />
        </p>
      )}
    </section>
  );
}

/** What this household calls each shade, as its photos measured it. */
function OwnShades() {
  const words = useWords();
  const scale = useOwnScale();
  if (!scale) return null;
  if (scale.count === 0)
    return (
      <p className="mb-2 max-w-[65ch]">
        Your own scale: not enough roasts yet. Say the shade yourself on roasts with a photo, and Gander learns what you
        call {words.shade(4)}.
      </p>
    );
  return (
    <div className="mb-2 max-w-[65ch]">
      <p>
        Your own scale, from {counted(scale.count, 'roast')} that you named and a photo measured:{' '}
        {scale.shades
          .map(
            ({ shade, lightness }) =>
              `${words.shade(shade)} at L* ${lightness.toFixed(0)} (the table has ${shadeOf(shade).lightness})`,
          )
          .join(', ')}
        .
      </p>
      {Math.abs(scale.lies) >= 0.5 && (
        <p>
          Your shades lie about {Math.abs(scale.lies).toFixed(1)} L* {scale.lies > 0 ? 'lighter' : 'darker'} than the
          table’s. What Gander proposes goes by yours.
        </p>
      )}
    </div>
  );
}
