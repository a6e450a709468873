import { normal, type Random, seededRandom } from '../src/core/chance/index.ts';
import { controlsOf, type MethodId, methodOf } from '../src/core/gear/index.ts';
import { createId } from '../src/core/ids/index.ts';
import type { Entry, EntryDraft } from '../src/core/roast/index.ts';
import type { ShadeNumber } from '../src/core/shade/index.ts';
import {
  type Hand,
  SimulatedProbe,
  type SimulatedRoast,
  type SimulationSetUp,
  shadeAtC,
  shadeC,
  simulateRoast,
} from '../src/core/simulate/index.ts';
import { type gear, lots, type PlannedRoast } from './plan.ts';

type DemoGear = (typeof gear)[number];
type Add = (at: number, draft: EntryDraft, source?: Entry['source']) => void;
interface Made {
  readonly at: number;
  readonly control: string;
  readonly value?: string | number | undefined;
}

/** Pops that a hand taps along with; more are heard than anybody taps. */
const TAPS = 34;
const READING_EVERY_S = 30;

/** The log of one planned roast: simulated beans, and a hand that marks, moves and pulls them. */
export function roastEntries(planned: PlannedRoast, on: DemoGear, greenGrams: number, random: Random): Entry[] {
  const log: Entry[] = [];
  const add: Add = (at, draft, source = 'hand') => {
    const pressedAt = Math.round(at * 10) / 10;
    log.push({ ...draft, id: createId('entry', random), at: pressedAt, pressedAt, source } as Entry);
  };
  const moves: Made[] = [];
  const setUp = setUpOf(planned, on, greenGrams, random);
  const roast = simulateRoast(setUp, { shade: planned.shade }, random, handOf(planned, on, moves));
  for (const { at, control, value } of moves)
    add(at, { kind: 'move', control, ...(value === undefined ? {} : { value }) });
  addMarks(planned, roast, random, add);
  addTaps(roast, random, add);
  if (on.probe) addReadings(roast, random, add);
  addPulls(planned, roast, greenGrams, random, add);
  return log.sort((a, b) => a.pressedAt - b.pressedAt);
}

function setUpOf(planned: PlannedRoast, on: DemoGear, greenGrams: number, random: Random): SimulationSetUp {
  const lot = lots.find(({ key }) => key === planned.lot) ?? lots[0];
  const supply = planned.story === 'rushed' ? 1.16 : planned.story === 'baked' ? 0.9 : 1;
  return {
    method: on.method,
    controls: controlsOf(on),
    lot: {
      process: lot?.process ?? 'washed',
      grading: lot?.grading,
      gramsPerMl: lot?.gramsPerMl,
      moisturePercent: lot?.moisturePercent,
    },
    greenGrams,
    ambientC: planned.place === 'outdoors' ? 14 : 20,
    strength: strengthFor(on.method, on.pace),
    supply: supply * Math.exp(normal(random) * 0.015),
    minutesSinceLast: planned.story === 'hotGear' ? 4 : undefined,
  };
}

const strengths = new Map<string, number>();

/** How strong a piece of gear is that takes `pace` times as long as its method's usual to first crack; found by halving. */
function strengthFor(method: MethodId, pace: number): number {
  const key = `${method}/${pace}`;
  const known = strengths.get(key);
  if (known !== undefined) return known;
  const { controls, batchGrams, firstCrack } = methodOf(method);
  let [weak, strong] = [0.6, 1.6];
  for (let i = 0; i < 14; i++) {
    const strength = (weak + strong) / 2;
    const its = { method, controls, lot: { process: 'washed' as const }, greenGrams: batchGrams.usual, strength };
    const found = simulateRoast(its, { afterFirstCrackS: 1 }, seededRandom(1)).firstCrack ?? Number.POSITIVE_INFINITY;
    if (found > firstCrack.medianS * pace) weak = strength;
    else strong = strength;
  }
  strengths.set(key, (weak + strong) / 2);
  return (weak + strong) / 2;
}

/** What the person of Wrenbury Quay does at this gear on such a day; the moves are kept in `made`. */
function handOf(planned: PlannedRoast, on: DemoGear, made: Made[]): Hand {
  const controls = controlsOf(on);
  const heat = controls.find((control) => control.kind === 'step' && control.axis === 'heat');
  const start = heat?.kind === 'step' ? heat.start : 0;
  const by = heat?.kind === 'step' ? heat.by : 1;
  const once = new Set<string>();
  return ({ atS }, roast) => {
    const now: { control: string; value?: string | number | undefined }[] = [];
    const first = (key: string, when: boolean, control: string | undefined, value?: string | number) => {
      if (!when || once.has(key) || control === undefined) return;
      once.add(key);
      now.push({ control, value });
      made.push({ at: atS, control, value });
    };
    const has = (id: string) => controls.find((control) => control.id === id)?.id;
    if (planned.story === 'scorched') {
      first('near', atS >= 5, has('distance'), 4);
      first('back', roast.yellow !== undefined, has('distance'), 10);
    }
    first('lid', planned.story === 'slower' && roast.yellow !== undefined && atS > roast.yellow + 2, has('lid'), 'off');
    first('stir', atS >= 40, has('stir'));
    first('stirAgain', atS >= 90, has('stir'));
    if (heat) {
      first('cool', planned.story === 'baked' && roast.yellow !== undefined, heat.id, start - 2 * by);
      first(
        'down',
        planned.story !== 'baked' &&
          planned.story !== 'rushed' &&
          roast.firstCrack !== undefined &&
          atS > roast.firstCrack + 12,
        heat.id,
        start - by,
      );
    }
    return now;
  };
}

function addMarks(planned: PlannedRoast, roast: SimulatedRoast, random: Random, add: Add): void {
  const near = (at: number, sdS: number) => Math.max(1, at + normal(random) * sdS);
  const { yellow = 0, firstCrack, firstCrackEnd, secondCrack, pull } = roast;
  if (planned.story !== 'noYellow' && yellow > 0) add(near(yellow, 3), { kind: 'mark', milestone: 'yellow' });
  add(yellow * 0.65, { kind: 'smell', smell: 'hay' });
  if (firstCrack === undefined) return;
  add(yellow + (firstCrack - yellow) * 0.45, { kind: 'smell', smell: 'toast' });
  if (random() < 0.5) add(yellow + (firstCrack - yellow) * 0.8, { kind: 'smell', smell: 'sweet' });
  // A stray pop taken for the crack, half a minute before it rolled.
  add(planned.story === 'misMarked' ? firstCrack - 27 : near(firstCrack + 1, 1.2), {
    kind: 'mark',
    milestone: 'firstCrack',
  });
  if (firstCrackEnd !== undefined && firstCrackEnd < pull - 4)
    add(firstCrackEnd, { kind: 'mark', milestone: 'firstCrackEnd' });
  if (secondCrack !== undefined && secondCrack < pull - 3) {
    add(secondCrack, { kind: 'mark', milestone: 'secondCrack' });
    add(secondCrack + 2, { kind: 'smell', smell: 'smoke' });
  }
}

function addTaps(roast: SimulatedRoast, random: Random, add: Add): void {
  for (const crack of ['first', 'second'] as const) {
    const heard = roast.cracks.filter((each) => each.crack === crack);
    // The first few are all tapped, since one waits for them; then as fast as a finger goes.
    heard.forEach(({ atS }, i) => {
      if (atS < roast.pull && (i < 5 || random() < TAPS / heard.length)) add(atS, { kind: 'crack', crack }, 'tap');
    });
  }
}

function addReadings(roast: SimulatedRoast, random: Random, add: Add): void {
  const probe = new SimulatedProbe(random, {
    lagS: 9,
    offsetC: 6,
    noiseC: 0.6,
    surroundings: 0.04,
    drops: 0,
    nonsense: 0,
  });
  let nextS = READING_EVERY_S + random() * 20;
  for (const { atS, beanC, shellC, gearC } of roast.curve) {
    const celsius = probe.read({ beanC, shellC, gearC });
    if (celsius === undefined || atS < nextS) continue;
    add(atS, { kind: 'reading', celsius: Math.round(celsius) });
    nextS = atS + READING_EVERY_S + random() * 12;
  }
}

function addPulls(planned: PlannedRoast, roast: SimulatedRoast, greenGrams: number, random: Random, add: Add): void {
  const weighed = planned.story !== 'unweighed';
  const grams = (green: number, lossPercent: number) =>
    Math.round(green * (1 - lossPercent / 100) * 2 + normal(random) * 0.5) / 2;
  const shade = shadeAtC(roast.end.brownedC);
  const parts = planned.story === 'staged' ? 3 : 1;
  for (let i = parts - 1; i > 0; i--) {
    const lighter = Math.max(1, planned.shade - i) as ShadeNumber;
    const at = shareOfRoast(roast, lighter);
    const loss = roast.end.lossPercent - (planned.shade - lighter) * 1.6;
    add(at, {
      kind: 'pull',
      all: false,
      shade: lighter,
      ...(weighed ? { grams: grams(greenGrams / parts, loss) } : {}),
    });
  }
  add(roast.pull, {
    kind: 'pull',
    all: true,
    ...(weighed ? { grams: grams(greenGrams / parts, roast.end.lossPercent), shade } : {}),
  });
  add(roast.pull + 170 + random() * 60, { kind: 'mark', milestone: 'cooled' });
}

/** When the beans were at a lighter shade: when their mean temperature passed where that shade lies. */
function shareOfRoast(roast: SimulatedRoast, shade: ShadeNumber): number {
  return roast.curve.find(({ beanC }) => beanC >= shadeC(shade) - 2)?.atS ?? roast.pull - 20;
}
