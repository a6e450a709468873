// Writes the demo household, kept as the app's own open file. Seeded, so that it comes out the same: npm run demo-data
import { writeFileSync } from 'node:fs';
import { type Random, seededRandom } from '../src/core/chance/index.ts';
import { formatNotebook, type NotebookContent, noContent } from '../src/core/exchange/index.ts';
import { plainHousehold } from '../src/core/household/index.ts';
import { createId, type Id } from '../src/core/ids/index.ts';
import { asLook, lookAt } from '../src/core/look/index.ts';
import { type Entry, lastUndoable, type Roast } from '../src/core/roast/index.ts';
import { seedOf, trayPhoto, trayWishOf } from '../src/core/simulate/index.ts';
import { demoCups, demoPreference, demoTriangle } from './cups.ts';
import { demoJars } from './jars.ts';
import { demoExperiments, demoRecipe } from './learning.ts';
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
  // Each roast has a seed of its own, so that a change to one story leaves all others as they are.
  const random = seededRandom(SEED + 1000 + planned.daysAgo);
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
    ...(planned.story === 'hotGear' ? { gearHot: true as const } : {}),
    entries: planned.story === 'misMarked' ? [...entries, correction(entries, random)] : entries,
    ...(planned.story === 'unweighed'
      ? {}
      : { evenness: planned.lot === 'rain' ? 'patchy' : planned.story === 'scorched' ? 'someSpread' : 'even' }),
    ...(planned.story === 'scorched' && { spots: 'many' as const }),
    ...(planned.stars ? { stars: planned.stars } : {}),
    ...(planned.note ? { note: planned.note } : {}),
  };
}

/** Half a minute after the stray pop the real crack began; the mark was moved there afterwards. */
function correction(entries: readonly Entry[], random: Random): Entry {
  const mark = requireFound(
    entries.find((entry) => entry.kind === 'mark' && entry.milestone === 'firstCrack'),
    'a first crack',
  );
  const pressedAt = requireFound(lastUndoable(entries), 'an entry').pressedAt + 60;
  const id: Id<'entry'> = createId('entry', random);
  return { kind: 'amend', id, at: pressedAt, pressedAt, source: 'hand', target: mark.id, happenedAt: mark.at + 27 };
}

/** Roasts whose beans were looked at beside white paper: their trays are drawn again wherever the demo is opened. */
const LOOKED_AT = [93, 70, 33, 12, 9, 2];

function withLook(roast: Roast, i: number): Roast {
  const planned = roasts[i] as PlannedRoast;
  const pull = roast.entries.findLast((entry) => entry.kind === 'pull');
  if (!LOOKED_AT.includes(planned.daysAgo) || !pull) return roast;
  const id = createId('look', seededRandom(SEED + 2000 + planned.daysAgo));
  const look = lookAt(trayPhoto(trayWishOf(roast), seedOf(id)));
  if (look.kind === 'refused') throw new Error(`the tray of ${planned.daysAgo} days ago is refused: ${look.refuse}`);
  const at = new Date(Date.parse(roast.createdAt) + 40 * 60_000).toISOString();
  return {
    ...roast,
    looks: [{ ...asLook(look.measure, { id, takenAt: at, pullId: pull.id, of: 'whole' }), drawn: true }],
  };
}

const made = roasts.map(makeRoast).map(withLook);
const by = (note: string) =>
  requireFound(
    made.find((roast) => roast.note?.startsWith(note)),
    note,
  );
const blind = demoTriangle(by('tart again'), by('lid off from yellow'), random);
const onDay = (daysAgo: number) =>
  requireFound(made[roasts.findIndex((roast) => roast.daysAgo === daysAgo)], `${daysAgo} days ago`);
const jars = demoJars(made, TODAY_MS);
const cups = demoCups(made, TODAY_MS, random);
const recipe = demoRecipe(by('best cup yet'), random);
const recipeDays = new Set([33, 12, 2].map((daysAgo) => onDay(daysAgo).id));
const experiments = demoExperiments(
  [
    {
      question: 'Longer browning?',
      change: { kind: 'move', control: 'lid', value: 'off', when: { kind: 'milestone', milestone: 'yellow' } },
      finding: 'rushedBrowning',
      a: by('tart again'),
      b: by('lid off from yellow'),
      flight: blind.flight,
      outcome: 'helped',
      note: 'told apart blind, and both of us want the second one',
    },
    {
      question: 'More distance until yellow?',
      change: { kind: 'move', control: 'distance', value: 14, when: { kind: 'at', atS: 0 } },
      finding: 'scorched',
      a: by('dark spots'),
      b: by('gun a hand further'),
      outcome: 'helped',
    },
    {
      question: 'A shade darker for this one?',
      change: { kind: 'pull', byS: 15 },
      a: by('strawberry'),
      b: by('all the fruit'),
      outcome: 'helped',
    },
    {
      question: 'Enough heat to the end?',
      change: { kind: 'move', control: 'oven', value: 260, when: { kind: 'milestone', milestone: 'firstCrack' } },
      finding: 'stall',
      a: by('flat and bready'),
      b: by('turned the tray'),
      outcome: 'noDifference',
    },
    { question: 'Stirred without a pause?', change: { kind: 'care', care: 'stirMore' }, a: onDay(12), b: onDay(2) },
    {
      question: 'Out of the wind and the cold?',
      change: { kind: 'care', care: 'shelter' },
      finding: 'coldPlace',
      a: onDay(6),
    },
  ],
  random,
);
const darker = demoPreference(by('strawberry'), by('all the fruit'), random);
const content: NotebookContent = {
  ...noContent,
  household: {
    useSince: '2020-01-01',
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
  roasts: made.map((roast) => (recipeDays.has(roast.id) ? { ...roast, recipeId: recipe.id } : roast)),
  jars,
  cups,
  flights: [blind.flight, darker.flight],
  flightKeys: [blind.key, darker.key],
  recipes: [recipe],
  experiments,
};
writeFileSync(new URL('household.gander.json', import.meta.url), formatNotebook(content, dayAt(0, 20)));
console.log(
  `demo/household.gander.json: ${content.roasts.length} roasts, ${content.lots.length} lots, ${content.gear.length} pieces of gear`,
);
