// Writes the demo household, kept as the app's own open file. Seeded, so that it comes out the same: npm run demo-data
import { writeFileSync } from 'node:fs';
import { seededRandom } from '../src/core/chance/index.ts';
import { formatNotebook, type NotebookContent, noContent } from '../src/core/exchange/index.ts';
import { plainHousehold } from '../src/core/household/index.ts';
import { createId, type Id } from '../src/core/ids/index.ts';
import { type Entry, lastUndoable, type Roast } from '../src/core/roast/index.ts';
import { demoCups, demoFlight } from './cups.ts';
import { demoJars } from './jars.ts';
import { gear, HOUSEHOLD_NAME, lots, type PlannedRoast, roasts } from './plan.ts';
import { roastEntries } from './roastEntries.ts';

const SEED = 20261123;
const DAY_MS = 86_400_000;
/** Midnight, UTC, of the day that counts as today in the file; loading moves it. */
const TODAY_MS = Date.UTC(2026, 10, 23);

const random = seededRandom(SEED);
const dayAt = (daysAgo: number, hour = 9, minute = 0) =>
  new Date(TODAY_MS - daysAgo * DAY_MS + (hour * 60 + minute) * 60_000).toISOString();
const requireFound = <T>(found: T | undefined, what: string): T => {
  if (found === undefined) throw new RangeError(`the plan names ${what}, which is not there`);
  return found;
};

const lotRows = lots.map(({ key: _, daysAgo, arrivedDaysAgo, pack, ...facts }) => ({
  ...facts,
  packs: [{ ...pack, boughtOn: dayAt(daysAgo).slice(0, 10) }],
  ...(arrivedDaysAgo === undefined ? {} : { arrivedOn: dayAt(arrivedDaysAgo).slice(0, 10) }),
  id: createId('lot', random),
  createdAt: dayAt(daysAgo),
}));
const gearRows = gear.map(({ key: _, pace: __, ...facts }) => ({
  ...facts,
  id: createId('gear', random),
  createdAt: dayAt(119),
}));
const lotId = (key: string) => requireFound(lotRows[lots.findIndex((lot) => lot.key === key)], key).id;

function makeRoast(planned: PlannedRoast): Roast {
  const place = gear.findIndex((each) => each.key === planned.gear);
  const on = requireFound(gear[place], planned.gear);
  const greenGrams = Math.round(((on.usualGrams ?? 100) * (0.95 + random() * 0.1)) / 5) * 5;
  const startedAt = dayAt(
    planned.daysAgo,
    planned.story === 'hotGear' ? 10 : 9 + Math.floor(random() * 8),
    Math.floor(random() * 60),
  );
  const entries = roastEntries(planned, on, greenGrams, random);
  return {
    id: createId('roast', random),
    lotId: lotId(planned.lot),
    gearId: requireFound(gearRows[place], planned.gear).id,
    greenGrams,
    wantedShade: planned.shade,
    place: planned.place,
    createdAt: startedAt,
    chargedAt: startedAt,
    clockShiftMs: 0,
    entries: planned.story === 'misMarked' ? [...entries, correction(entries)] : entries,
    ...(planned.story === 'unweighed'
      ? {}
      : { evenness: planned.lot === 'rain' ? 'patchy' : planned.story === 'scorched' ? 'someSpread' : 'even' }),
    ...(planned.stars ? { stars: planned.stars } : {}),
    ...(planned.note ? { note: planned.note } : {}),
  };
}

/** Half a minute after the stray pop the real crack began; the mark was moved there afterwards. */
function correction(entries: readonly Entry[]): Entry {
  const mark = requireFound(
    entries.find((entry) => entry.kind === 'mark' && entry.milestone === 'firstCrack'),
    'a first crack',
  );
  const pressedAt = requireFound(lastUndoable(entries), 'an entry').pressedAt + 60;
  const id: Id<'entry'> = createId('entry', random);
  return { kind: 'amend', id, at: pressedAt, pressedAt, source: 'hand', target: mark.id, happenedAt: mark.at + 27 };
}

const made = roasts.map(makeRoast);
const by = (note: string) =>
  requireFound(
    made.find((roast) => roast.note?.startsWith(note)),
    note,
  );
const blind = demoFlight(by('tart again'), by('lid off from yellow'), random);
const content: NotebookContent = {
  ...noContent,
  household: {
    ...plainHousehold,
    name: HOUSEHOLD_NAME,
    currency: 'GBP',
    people: 2,
    gramsPerPersonDay: 25,
    shopMinorPerKg: 2800,
    tariffMinorPerKwh: 27,
  },
  lots: lotRows,
  gear: gearRows,
  roasts: made,
  jars: demoJars(made, TODAY_MS),
  cups: demoCups(made, random),
  flights: [blind.flight],
  flightKeys: [blind.key],
};
writeFileSync(new URL('household.gander.json', import.meta.url), formatNotebook(content, dayAt(0, 20)));
console.log(
  `demo/household.gander.json: ${content.roasts.length} roasts, ${content.lots.length} lots, ${content.gear.length} pieces of gear`,
);
