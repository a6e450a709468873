import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { lotTitle } from '@/core/bean';
import { places } from '@/core/gear';
import { type Roast, type Wind, windNames, winds } from '@/core/roast';
import { database } from '@/store/current';
import type { UnderWay } from '@/store/database';
import { notify } from '@/store/notices';
import { editRoast } from '@/store/roasting';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { SelectField, TextField } from '@/ui/Field';
import { ShadeField } from '@/ui/forms/ShadeField';
import { Segmented } from '@/ui/Segmented';
import { Tick } from '@/ui/Tick';
import { useWords } from '@/ui/useHousehold';
import { changedFacts, draftOfFacts, readFacts } from './factsDraft';

interface PutRightProps {
  readonly roast: Roast;
  readonly lotName: string;
}

/** Every fact of a roast besides its log, to be put right at any time. */
export function PutRight({ roast, lotName }: PutRightProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Put the facts right</Button>
      <Dialog open={open} onClose={() => setOpen(false)} title="What was it really?">
        <Facts roast={roast} lotName={lotName} onDone={() => setOpen(false)} />
      </Dialog>
    </>
  );
}

interface FactsProps extends PutRightProps {
  readonly onDone: () => void;
}

function Facts({ roast, lotName, onDone }: FactsProps) {
  const words = useWords();
  const [draft, setDraft] = useState(() => draftOfFacts(roast, words));
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const known = useLiveQuery(async () => {
    const db = database();
    const [lots, gear, busy] = await Promise.all([db.lots.toArray(), db.gear.toArray(), db.underWay.toArray()]);
    return { lots, gear, busy };
  }, []);
  const set = (some: Partial<typeof draft>) => setDraft({ ...draft, ...some });

  const keep = async () => {
    const wrong: Record<string, string> = {};
    const facts = readFacts(draft, roast, words, (field, message) => {
      wrong[field] = message;
    });
    if (known && isTaken(known.busy, roast, draft.gearId))
      wrong.gear = 'It is busy with another roast. End that one first.';
    setErrors(wrong);
    if (!facts || Object.keys(wrong).length > 0) return;
    const changed = changedFacts(roast, facts);
    if (changed.length > 0)
      notify({
        text: `${lotName}, put right: ${changed.join(', ')}.`,
        undo: await editRoast(database(), roast.id, facts),
      });
    onDone();
  };

  return (
    <form
      className="space-y-4"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <div className="grid gap-x-5 gap-y-3 sm:grid-cols-2">
        <SelectField label="Beans" value={draft.lotId} onChange={(event) => set({ lotId: event.target.value })}>
          {known?.lots
            .filter((lot) => !lot.removedAt || lot.id === roast.lotId)
            .map((lot) => (
              <option key={lot.id} value={lot.id}>
                {lotTitle(lot)}
              </option>
            ))}
          {known && !known.lots.some(({ id }) => id === roast.lotId) && (
            <option value={roast.lotId}>beans deleted since</option>
          )}
        </SelectField>
        <SelectField
          label="Gear"
          value={draft.gearId}
          error={errors.gear}
          onChange={(event) => set({ gearId: event.target.value })}
        >
          {known?.gear
            .filter((each) => !each.removedAt || each.id === roast.gearId)
            .map(({ id, nickname }) => (
              <option key={id} value={id}>
                {nickname}
              </option>
            ))}
          {known && !known.gear.some(({ id }) => id === roast.gearId) && (
            <option value={roast.gearId}>gear deleted since</option>
          )}
        </SelectField>
        <TextField
          label="Green weight"
          value={draft.green}
          error={errors.green}
          autoComplete="off"
          onChange={(event) => set({ green: event.target.value })}
        />
        <ShadeField label="Shade that was wanted" value={draft.shade} onShade={(shade) => set({ shade })} />
        <TextField
          label="Day"
          type="date"
          value={draft.day}
          error={errors.day}
          onChange={(event) => set({ day: event.target.value })}
        />
        <TextField
          label={roast.chargedAt ? 'Beans in at' : 'Set up at'}
          type="time"
          value={draft.time}
          onChange={(event) => set({ time: event.target.value })}
        />
        <TextField
          label="Air around the gear"
          unit={`°${words.temperatureUnit}`}
          placeholder="not noted"
          inputMode="text"
          value={draft.air}
          error={errors.air}
          onChange={(event) => set({ air: event.target.value })}
        />
        <SelectField
          label="Wind"
          value={draft.wind}
          onChange={(event) => set({ wind: event.target.value as Wind | '' })}
        >
          <option value="">not noted</option>
          {winds.map((wind) => (
            <option key={wind} value={wind}>
              {windNames[wind]}
            </option>
          ))}
        </SelectField>
      </div>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-3">
        <Segmented
          label="Place"
          value={draft.place}
          options={places.map((place) => ({ value: place, name: place }))}
          onChange={(place) => set({ place })}
        />
        <Tick checked={draft.gearHot} onChange={(event) => set({ gearHot: event.target.checked })}>
          The gear was still hot
        </Tick>
      </div>
      <p className="text-husk text-[0.95rem]">
        Green left, the shelf, what Gander expects and the figures all follow. What was marked keeps its place from
        Beans in.
      </p>
      <div className="flex gap-3">
        <Button type="submit" variant="next">
          Keep it so
        </Button>
        <Button onClick={onDone}>Leave it</Button>
      </div>
    </form>
  );
}

/** Whether a roast that is on the heat would move to gear that another one has. */
function isTaken(busy: readonly UnderWay[], roast: Roast, gearId: string): boolean {
  const isOn = busy.some(({ roastId }) => roastId === roast.id);
  return isOn && busy.some((each) => each.gearId === gearId && each.roastId !== roast.id);
}
