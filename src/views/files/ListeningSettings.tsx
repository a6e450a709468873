import { useLiveQuery } from 'dexie-react-hooks';
import type { Household } from '@/core/household';
import { counted, formatMegabytes } from '@/core/units';
import { database } from '@/store/current';
import { saveHousehold } from '@/store/settings';
import { soundSpace } from '@/store/sounds';
import { DeleteSound } from '@/ui/DeleteSound';
import { Segmented } from '@/ui/Segmented';
import { Tick } from '@/ui/Tick';
import { useHousehold } from '@/ui/useHousehold';

const WEEKS = [
  { value: '2', name: 'two weeks' },
  { value: '8', name: 'two months' },
  { value: '52', name: 'a year' },
  { value: '', name: 'until I delete it' },
] as const;

/** What taps and the microphone may do by themselves, and whether what was heard is kept. */
export function ListeningSettings() {
  const household = useHousehold();
  const space = useLiveQuery(() => soundSpace(database()), []);
  const save = (facts: Partial<Household>) => void saveHousehold(database(), facts);
  return (
    <section className="border-ink border-t-2 pt-3">
      <h2 className="mb-2 text-2xl">How Gander listens</h2>
      <p className="text-husk mb-2">Listen is under More at the heat, or on the page of a piece of gear, for always.</p>
      <Tick checked={household.takesCracks} onChange={(event) => save({ takesCracks: event.target.checked })}>
        Take first and second crack from my taps and by ear without asking
      </Tick>
      <Tick
        checked={household.whistles === true}
        onChange={(event) => save({ whistles: event.target.checked || undefined })}
      >
        A short whistle marks what comes next, two take it back
      </Tick>
      <p className="ml-8">
        <a className="inline-flex min-h-11 items-center underline underline-offset-4" href="/practice/#whistle">
          Try it in Practice first
        </a>
      </p>
      <Tick
        checked={household.keepsSound === true}
        onChange={(event) =>
          save(event.target.checked ? { keepsSound: true, soundWeeks: 8 } : { keepsSound: undefined })
        }
      >
        Keep the sound of a roast that is listened to, on this device: about half a megabyte a minute
      </Tick>
      {household.keepsSound && (
        <Segmented
          titled
          label="For"
          value={household.soundWeeks === undefined ? '' : String(household.soundWeeks)}
          options={WEEKS}
          onChange={(weeks) => save({ soundWeeks: weeks === '' ? undefined : Number(weeks) })}
        />
      )}
      {space && space.bytes > 0 && (
        <p className="mt-2 flex flex-wrap items-center gap-x-4">
          The sound of {counted(space.roasts, 'roast')} takes {formatMegabytes(space.bytes)} here.
          <DeleteSound label="Delete all kept sound" />
        </p>
      )}
    </section>
  );
}
