import type { Lot } from '@/core/bean';
import { normal, type Random, seededRandom } from '@/core/chance';
import type { CaseFacts, FindingId } from '@/core/diagnose';
import { type PastRoast, pastRoastOf, settingAt, toldBy } from '@/core/forecast';
import { controlsOf, type Gear, heatControl, type MethodId, methodOf } from '@/core/gear';
import { createId } from '@/core/ids';
import type { Entry, EntryDraft, Roast } from '@/core/roast';
import type { ShadeNumber } from '@/core/shade';
import { type Hand, SimulatedProbe, type SimulatedRoast, shadeAtC, simulateRoast } from '@/core/simulate';
import type { Cup } from '@/core/taste';

/** What went otherwise than usual in a record. */
export interface Story {
  readonly method: MethodId;
  readonly expected: FindingId | 'nothing';
  /** Steps of heat above (below 0) the start, from a milestone on. */
  readonly heat?: readonly { readonly from: 'charge' | 'yellow' | 'firstCrack'; readonly steps: number }[];
  /** Brought so near, cm, until yellow. */
  readonly nearCm?: number;
  readonly staysNear?: true;
  readonly minutesSinceLast?: number;
  readonly supply?: number;
  readonly batchTimes?: number;
  readonly ambientC?: number;
  readonly wind?: 'strong';
  readonly wanted?: ShadeNumber;
  readonly pulledAt?: ShadeNumber;
  readonly pulledAfterS?: number;
  readonly lot?: Partial<Lot>;
  /** First crack marked so long before it rolled, s. */
  readonly markedEarlyS?: number;
  /** Yellow marked at so many times its moment. */
  readonly yellowTimes?: number;
  readonly forgotten?: readonly ('yellow' | 'firstCrack')[];
  readonly cooledAfterS?: number;
  readonly neverStirred?: true;
  readonly words?: readonly string[];
  readonly overall?: number;
  readonly probe?: true;
}

const AT = '2026-10-01T09:00:00.000Z';
const HISTORY = 14;

/** A record of one roast, with the sound roasts that the household made before it on the same gear. */
export function recordOf(story: Story, seed: number): CaseFacts {
  const random = seededRandom(seed);
  const { gear, past } = householdOf(story.method, seed % HOUSEHOLDS);
  const lot = { ...lotRow(random), ...story.lot };
  const roast = roastOf(story, gear, lot, random);
  return {
    roast,
    lot,
    gear,
    past,
    cups: cupsOf(story, roast, random),
    sinceLastMin: story.minutesSinceLast,
    ownFirstCrackC: story.probe ? FIRST_CRACK_C : undefined,
  };
}

/** So many households a method; each is simulated once. */
const HOUSEHOLDS = 4;
const households = new Map<string, { readonly gear: Gear; readonly past: readonly PastRoast[] }>();

function householdOf(method: MethodId, number: number) {
  const key = `${method}/${number}`;
  const known = households.get(key);
  if (known) return known;
  const random = seededRandom(9000 + number);
  const gear = gearOf(method, random);
  const past = Array.from({ length: HISTORY }, () => {
    const lot = lotRow(random);
    const wanted = (3 + Math.floor(random() * 3)) as ShadeNumber;
    return pastRoastOf(toldBy(roastOf({ method, expected: 'nothing', wanted }, gear, lot, random)), lot, gear);
  });
  const made = { gear, past };
  households.set(key, made);
  return made;
}

/** What the simulated probe shows at first crack when nothing is wrong: its offset and lag on top of the beans. */
const FIRST_CRACK_C = 199;

function gearOf(method: MethodId, random: Random): Gear {
  return { id: createId('gear', random), nickname: 'Old faithful', method, createdAt: AT };
}

function lotRow(random: Random): Lot {
  return {
    id: createId('lot', random),
    name: 'Old Ferry',
    origin: 'India',
    process: 'washed',
    grading: 'graded',
    packs: [{ grams: 5000, boughtOn: '2026-08-01' }],
    createdAt: AT,
  } as Lot;
}

function roastOf(story: Story, gear: Gear, lot: Lot, random: Random): Roast {
  const { batchGrams } = methodOf(gear.method);
  const greenGrams = Math.round(batchGrams.usual * (story.batchTimes ?? 0.96 + random() * 0.08));
  const wanted = story.wanted ?? 4;
  const ambientC = story.ambientC ?? 15 + random() * 7;
  const moves: { at: number; control: string; value?: string | number | undefined }[] = [];
  const made = simulateRoast(
    {
      method: gear.method,
      controls: controlsOf(gear),
      lot,
      greenGrams,
      ambientC,
      wind: story.wind,
      supply: (story.supply ?? 1) * Math.exp(normal(random) * 0.015),
      minutesSinceLast: story.minutesSinceLast,
    },
    {
      shade: story.pulledAt ?? (story.pulledAfterS === undefined ? wanted : 7),
      ...(story.pulledAfterS === undefined ? {} : { afterFirstCrackS: story.pulledAfterS }),
    },
    random,
    handOf(story, gear, moves),
  );
  return {
    id: createId('roast', random),
    lotId: lot.id,
    gearId: gear.id,
    greenGrams,
    wantedShade: wanted,
    place: 'outdoors',
    ambientC: Math.round(ambientC),
    ...(story.wind ? { wind: story.wind } : {}),
    createdAt: AT,
    chargedAt: AT,
    clockShiftMs: 0,
    entries: logOf(story, made, moves, greenGrams, random),
    evenness: made.end.darkTone - made.end.paleTone > PATCHY ? 'patchy' : 'even',
    spots: made.end.scorched > 0.12 ? 'many' : made.end.scorched > 0.03 ? 'some' : 'none',
  };
}

/** So far apart the palest and the darkest twentieth lie when an eye calls it patchy, tones of the ramp. */
const PATCHY = 0.13;

function handOf(
  story: Story,
  gear: Gear,
  made: { at: number; control: string; value?: string | number | undefined }[],
): Hand {
  const heat = heatControl(controlsOf(gear));
  const near = controlsOf(gear).find((control) => control.kind === 'step' && control.unit === 'cm');
  const stir = !story.neverStirred && controlsOf(gear).find(({ id }) => id === 'stir');
  const done = new Set<string>();
  return ({ atS }, { yellow, firstCrack }) => {
    const now: { control: string; value?: string | number | undefined }[] = [];
    const once = (key: string, due: boolean, control: string | undefined, value?: string | number) => {
      if (!due || done.has(key) || !control) return;
      done.add(key);
      now.push({ control, value });
      made.push({ at: atS, control, value });
    };
    const reached = { charge: true, yellow: yellow !== undefined, firstCrack: firstCrack !== undefined };
    for (const { from, steps } of story.heat ?? [])
      once(`heat${from}`, reached[from], heat?.id, heat && settingAt(heat, steps));
    if (story.nearCm && near?.kind === 'step') {
      once('near', atS >= 2, near.id, story.nearCm);
      once('back', reached.yellow && !story.staysNear, near.id, near.start);
    }
    if (stir) for (const at of [40, 100, 200, 300, 400, 500]) once(`stir${at}`, atS >= at, 'stir');
    return now;
  };
}

function logOf(
  story: Story,
  made: SimulatedRoast,
  moves: readonly { at: number; control: string; value?: string | number | undefined }[],
  greenGrams: number,
  random: Random,
): Entry[] {
  const log: Entry[] = [];
  const add = (at: number, draft: EntryDraft, source: Entry['source'] = 'hand') =>
    log.push({ ...draft, id: createId('entry', random), at, pressedAt: at, source } as Entry);
  const forgot = (mark: 'yellow' | 'firstCrack') => story.forgotten?.includes(mark) ?? false;
  for (const { at, control, value } of moves)
    add(at, { kind: 'move', control, ...(value === undefined ? {} : { value }) });
  const { yellow, firstCrack, firstCrackEnd, secondCrack, pull } = made;
  if (yellow !== undefined && !forgot('yellow'))
    add(yellow * (story.yellowTimes ?? 1) * (1 + normal(random) * 0.03), { kind: 'mark', milestone: 'yellow' });
  if (firstCrack !== undefined && !forgot('firstCrack'))
    add(firstCrack + normal(random) * 3 - (story.markedEarlyS ?? 0), { kind: 'mark', milestone: 'firstCrack' });
  if (firstCrackEnd !== undefined && firstCrackEnd < pull - 4)
    add(firstCrackEnd, { kind: 'mark', milestone: 'firstCrackEnd' });
  if (secondCrack !== undefined && secondCrack < pull - 3) add(secondCrack, { kind: 'mark', milestone: 'secondCrack' });
  if (story.probe) {
    const probe = new SimulatedProbe(random, {
      lagS: 2,
      offsetC: 0,
      noiseC: 0.6,
      surroundings: 0,
      drops: 0,
      nonsense: 0,
    });
    for (const { atS, beanC, shellC, gearC } of made.curve) {
      const celsius = probe.read({ beanC, shellC, gearC });
      if (celsius !== undefined && atS % 2 === 0) add(atS, { kind: 'reading', celsius }, 'probe');
    }
  }
  add(pull, {
    kind: 'pull',
    all: true,
    grams: greenGrams * (1 - made.end.lossPercent / 100),
    shade: shadeAtC(made.end.brownedC),
  });
  add(pull + (story.cooledAfterS ?? 170 + random() * 50), { kind: 'mark', milestone: 'cooled' });
  return log.sort((a, b) => a.at - b.at);
}

function cupsOf({ words = ['caramel'], overall }: Story, roast: Roast, random: Random): Cup[] {
  return [
    {
      id: createId('cup', random),
      roastId: roast.id,
      tastedAt: AT,
      sheet: { overall: overall ?? (words.includes('caramel') ? 8 : 5) },
      words: [...words],
    },
  ];
}
