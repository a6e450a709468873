import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { lotTitle } from '@/core/bean';
import { places } from '@/core/gear';
import { issueSentence } from '@/core/issues';
import { atAnotherTime, type Roast, type Wind, windNames, winds } from '@/core/roast';
import type { ShadeNumber } from '@/core/shade';
import { fromCelsius, localDay, parseTemperature, parseWeight, weightFieldText } from '@/core/units';
import { database } from '@/store/current';
import { say } from '@/store/notices';
import { editRoast } from '@/store/roasting';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { SelectField, TextField } from '@/ui/Field';
import { Segmented } from '@/ui/Segmented';
import { Tick } from '@/ui/Tick';
import { useWords } from '@/ui/useHousehold';

const GRAMS = { leastGrams: 1, mostGrams: 100_000 };
const AIR = { leastC: -40, mostC: 60 };

/** What each fact is called when it was changed. */
const factNames = [
  ['lotId', 'beans'],
  ['gearId', 'gear'],
  ['greenGrams', 'green weight'],
  ['wantedShade', 'wanted shade'],
  ['place', 'place'],
  ['ambientC', 'air'],
  ['wind', 'wind'],
  ['gearHot', 'hot gear'],
] as const;

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
  const began = new Date(roast.chargedAt ?? roast.createdAt);
  const [draft, setDraft] = useState({
    lotId: roast.lotId as string,
    gearId: roast.gearId as string,
    green: `${weightFieldText(roast.greenGrams, words.weightUnit)} ${words.weightUnit}`,
    shade: roast.wantedShade,
    day: localDay(began.toISOString()),
    time: began.toTimeString().slice(0, 5),
    place: roast.place,
    air: roast.ambientC === undefined ? '' : String(Math.round(fromCelsius(roast.ambientC, words.temperatureUnit))),
    wind: (roast.wind ?? '') as Wind | '',
    gearHot: roast.gearHot ?? false,
  });
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const known = useLiveQuery(async () => {
    const db = database();
    const [lots, gear, busy] = await Promise.all([db.lots.toArray(), db.gear.toArray(), db.underWay.toArray()]);
    return { lots, gear, busy };
  }, []);
  const set = (some: Partial<typeof draft>) => setDraft({ ...draft, ...some });

  const keep = async () => {
    const [green, air] = [
      parseWeight(draft.green, words.weightUnit, { range: GRAMS }),
      draft.air.trim() === '' ? undefined : parseTemperature(draft.air, words.temperatureUnit, AIR),
    ];
    const beganMs = new Date(`${draft.day}T${draft.time}`).getTime();
    const wrong = {
      ...(green.ok ? {} : { green: green.issues.map(issueSentence).join(' ') }),
      ...(!air || air.ok ? {} : { air: air.issues.map(issueSentence).join(' ') }),
      ...(Number.isFinite(beganMs) ? {} : { day: 'Write a day and a time of day.' }),
      ...(beganMs > Date.now() ? { day: 'That is still to come. A roast of the past has a past day and time.' } : {}),
      ...(known?.busy.some(({ gearId, roastId }) => gearId === draft.gearId && roastId !== roast.id) &&
      roast.gearId !== draft.gearId &&
      known.busy.some(({ roastId }) => roastId === roast.id)
        ? { gear: 'It is busy with another roast. End that one first.' }
        : {}),
    };
    setErrors(wrong);
    if (Object.keys(wrong).length > 0 || !green.ok) return;
    const sameMinute = draft.day === localDay(began.toISOString()) && draft.time === began.toTimeString().slice(0, 5);
    const airC = air?.ok ? air.value : undefined;
    const airKept =
      airC !== undefined && roast.ambientC !== undefined && Math.abs(airC - roast.ambientC) < 0.5
        ? roast.ambientC
        : airC;
    const facts = {
      lotId: draft.lotId as Roast['lotId'],
      gearId: draft.gearId as Roast['gearId'],
      // What the field shows is rounded: untouched, the weight stays as it was.
      greenGrams: Math.abs(green.value - roast.greenGrams) < 0.05 ? roast.greenGrams : green.value,
      wantedShade: draft.shade,
      place: draft.place,
      ambientC: airKept,
      wind: draft.wind === '' ? undefined : draft.wind,
      gearHot: draft.gearHot ? true : undefined,
      ...(sameMinute ? {} : atAnotherTime(roast, beganMs)),
    } satisfies Partial<Roast>;
    const changed: string[] = factNames.flatMap(([field, name]) => (facts[field] === roast[field] ? [] : [name]));
    if (!sameMinute) changed.push('time');
    if (changed.length > 0) {
      const change = await editRoast(database(), roast.id, facts);
      say({ text: `${lotName}, put right: ${changed.join(', ')}.`, undo: change });
    }
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
        <SelectField
          label="Shade that was wanted"
          value={draft.shade}
          onChange={(event) => set({ shade: Number(event.target.value) as ShadeNumber })}
        >
          {words.shadeChoices().map(([number, name]) => (
            <option key={number} value={number}>
              {name}
            </option>
          ))}
        </SelectField>
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
