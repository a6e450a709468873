import { useLiveQuery } from 'dexie-react-hooks';
import { lookOf } from '@/core/roast';
import { database } from '@/store/current';
import { photosOf } from '@/store/photos';
import { LightTakenOut } from '@/ui/look/LightTakenOut';
import { lookSentence } from '@/ui/look/lookWords';
import { useOwnScale } from '@/ui/look/useOwnScale';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import type { Compared } from './compared';

/** The beans of the compared roasts side by side, each photo under the same white light. */
export function ComparedLooks({ compared }: { readonly compared: readonly Compared[] }) {
  const words = useWords();
  const dates = useRoastDates();
  const scale = useOwnScale();
  const ids = compared.map(({ roast }) => roast.id as string);
  const photos = useLiveQuery(() => photosOf(database(), ids), [ids.join()]);
  const looked = compared.flatMap(({ roast }) => {
    const look = lookOf(roast);
    return look ? [{ roast, look, photo: photos?.find(({ id }) => id === look.id) }] : [];
  });
  if (looked.length === 0) return null;
  return (
    <section className="border-ink mt-8 border-t-2 pt-4">
      <h2 className="mb-3 text-2xl">How the beans look</h2>
      <ul className="grid grid-cols-[repeat(auto-fit,minmax(min(100%,16rem),1fr))] gap-6">
        {looked.map(({ roast, look, photo }) => {
          const said = lookSentence(look, undefined, words.shade, scale?.lies);
          return (
            <li key={roast.id} className="max-w-md">
              {photo && (
                <LightTakenOut
                  photo={photo}
                  alt={`The beans of ${dates.date(roast.createdAt)} with the light taken out. ${said}`}
                  className="w-full rounded-xl"
                />
              )}
              <p className="mt-2">
                <b>{dates.date(roast.createdAt)}</b> · L* {look.lightness.toFixed(0)}. {said}
              </p>
            </li>
          );
        })}
      </ul>
      {looked.length < compared.length && (
        <p className="text-husk mt-2">The others have no photo: take one on their page.</p>
      )}
    </section>
  );
}
