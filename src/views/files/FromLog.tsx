import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import { lotTitle } from '@/core/bean';
import { usualGramsOf } from '@/core/gear';
import { issueSentence } from '@/core/issues';
import { milestoneNames, ribbonOf } from '@/core/roast';
import { MEDIUM } from '@/core/shade';
import { type LogColumns, readLog, type Sheet } from '@/core/sheet';
import { formatClock, formatWeight, parseWeight } from '@/core/units';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { namedRoasts } from '@/store/queries';
import { addLogTo, keepLog, roastOfLog, roastsWithoutLog } from '@/store/tableFiles';
import { Button } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { Ribbon } from '@/ui/ribbon/Ribbon';
import { TimeAxis } from '@/ui/ribbon/TimeAxis';
import { Segmented } from '@/ui/Segmented';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import { useWidth } from '@/ui/useWidth';
import { ChargeInLog, useChargeTyped } from './ChargeInLog';
import { columnName, Faults } from './Faults';
import { keepColumns } from './keptColumns';
import { useBegan } from './useBegan';

interface FromLogProps {
  readonly sheet: Sheet;
  readonly first: LogColumns;
  readonly onDone: () => void;
}

const NEWEST = 40;

/** The log of a thermometer: which column is what, what roast it is of, and how it looks before it is kept. */
export function FromLog({ sheet, first, onDone }: FromLogProps) {
  const words = useWords();
  const dates = useRoastDates();
  const [columns, setColumns] = useState(first);
  const charge = useChargeTyped();
  const log = useMemo(() => readLog(sheet, columns, charge.chargeS), [sheet, columns, charge.chargeS]);
  const mine = useLiveQuery(async () => {
    const db = database();
    const [lots, gear] = await Promise.all([db.lots.toArray(), db.gear.toArray()]);
    const bare = await roastsWithoutLog(db, NEWEST);
    return {
      lots: lots.filter(({ removedAt }) => !removedAt),
      gear: gear.filter(({ removedAt }) => !removedAt),
      bare: await namedRoasts(
        db,
        bare.map(({ id }) => id),
      ),
    };
  }, []);
  const [into, setInto] = useState('new');
  const [lotId, setLotId] = useState<string>();
  const [gearId, setGearId] = useState<string>();
  const [green, setGreen] = useState<string>();
  const { day, time, setDay, setTime } = useBegan(log);
  const { ref, width } = useWidth();
  if (!mine) return <p>Reading…</p>;
  const lot = mine.lots.find(({ id }) => id === lotId) ?? mine.lots[0];
  const gear = mine.gear.find(({ id }) => id === gearId) ?? mine.gear[0];
  if (!lot || !gear)
    return <p className="text-danger font-bold">Add your beans and your gear first; then load this file again.</p>;
  const grams = parseWeight(green ?? formatWeight(usualGramsOf(gear), words.weightUnit), words.weightUnit, {
    range: { leastGrams: 5, mostGrams: 5000 },
  });
  const began = new Date(`${day}T${time}`);
  const whenFault = Number.isNaN(began.getTime())
    ? 'Say the day and the time.'
    : began.getTime() > Date.now()
      ? 'That is still to come.'
      : undefined;
  const facts = {
    lotId: lot.id,
    gearId: gear.id,
    greenGrams: grams.ok ? grams.value : usualGramsOf(gear),
    wantedShade: MEDIUM,
    place: gear.place ?? 'indoors',
    chargedAt: (whenFault ? new Date() : began).toISOString(),
  } as const;
  const ribbon = ribbonOf(roastOfLog(log, facts));
  const usable = log.readings.length >= 2 && charge.fault === undefined && (into !== 'new' || (grams.ok && !whenFault));
  const keep = async () => {
    keepColumns(sheet, 'log', columns);
    const db = database();
    const change = into === 'new' ? await keepLog(db, log, facts) : await addLogTo(db, into, log);
    notify({ text: `${log.readings.length} readings are in the journal.`, undo: change });
    onDone();
  };
  const set = (some: Partial<LogColumns>) => setColumns((before) => ({ ...before, ...some }));
  const choice = (
    label: string,
    value: number | undefined,
    onChange: (i: number | undefined) => void,
    none?: string,
  ) => (
    <SelectField
      label={label}
      value={value ?? ''}
      onChange={(event) => onChange(event.target.value === '' ? undefined : Number(event.target.value))}
    >
      {none && <option value="">{none}</option>}
      {sheet.headings.map((_, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a column is its place
        <option key={i} value={i}>
          {columnName(sheet, i)}
        </option>
      ))}
    </SelectField>
  );
  return (
    <>
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
        {choice('The time is in', columns.time, (time) => time !== undefined && set({ time }))}
        {choice(
          'The beans’ temperature is in',
          columns.temperature,
          (temperature) => temperature !== undefined && set({ temperature }),
        )}
        {choice('What happened is in', columns.event, (event) => set({ event }), 'no column')}
        <div>
          <Segmented
            titled
            label="Degrees"
            value={columns.unit}
            options={[
              { value: 'C', name: '°C' },
              { value: 'F', name: '°F' },
            ]}
            onChange={(unit) => set({ unit })}
          />
        </div>
        <ChargeInLog log={log} typed={charge} />
        <SelectField label="It belongs to" value={into} onChange={(event) => setInto(event.target.value)}>
          <option value="new">a roast that is not in the journal yet</option>
          {mine.bare.map(({ roast, lotName, gearName }) => (
            <option key={roast.id} value={roast.id}>
              {lotName} in {gearName}, {dates.date(roast.createdAt)}
            </option>
          ))}
        </SelectField>
        {into === 'new' && (
          <>
            <SelectField label="Beans" value={lot.id} onChange={(event) => setLotId(event.target.value)}>
              {mine.lots.map((each) => (
                <option key={each.id} value={each.id}>
                  {lotTitle(each)}
                </option>
              ))}
            </SelectField>
            <SelectField label="Gear" value={gear.id} onChange={(event) => setGearId(event.target.value)}>
              {mine.gear.map((each) => (
                <option key={each.id} value={each.id}>
                  {each.nickname}
                </option>
              ))}
            </SelectField>
            <TextField
              label="Green"
              value={green ?? formatWeight(usualGramsOf(gear), words.weightUnit)}
              error={grams.ok ? undefined : grams.issues.map(issueSentence).join(' ')}
              onChange={(event) => setGreen(event.target.value)}
            />
            <TextField
              label="Day"
              type="date"
              value={day}
              error={whenFault}
              onChange={(event) => setDay(event.target.value)}
            />
            <TextField label="Beans in at" type="time" value={time} onChange={(event) => setTime(event.target.value)} />
          </>
        )}
      </div>
      {log.readings.length < 2 ? (
        <p role="alert" className="text-danger font-bold">
          No temperatures over time can be read in these columns. Choose others.
        </p>
      ) : (
        <div>
          <p className="text-husk mb-1">
            {log.readings.length} readings over {formatClock(log.readings.at(-1)?.at ?? 0)}, from{' '}
            {words.temperature(log.readings[0]?.celsius ?? 0)} to{' '}
            {words.temperature(Math.max(...log.readings.map(({ celsius }) => celsius)))}
            {log.marks.map(({ at, milestone }) => `; ${milestoneNames[milestone]} ${formatClock(at)}`).join('')}
          </p>
          <div ref={ref}>
            <Ribbon ribbon={ribbon} width={width} bodyHeight={36} fromS={0} toS={ribbon.toS * 1.01} />
            <TimeAxis width={width} fromS={0} toS={ribbon.toS * 1.01} />
          </div>
        </div>
      )}
      <Faults faults={log.faults} />
      <div className="flex flex-wrap gap-3">
        <Button variant="next" disabled={!usable} onClick={() => void keep()}>
          Keep it
        </Button>
        <Button onClick={onDone}>Leave it</Button>
      </div>
    </>
  );
}
