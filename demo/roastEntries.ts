import { type Method, methodOf } from '../src/core/gear/index.ts';
import { createId } from '../src/core/ids/index.ts';
import type { Entry, EntryDraft } from '../src/core/roast/index.ts';
import { type ShadeNumber, shadeOf, shadeTone } from '../src/core/shade/index.ts';
import type { gear, PlannedRoast } from './plan.ts';
import { normal } from '../src/core/chance/index.ts';

/** The log of one planned roast, made up by drawing times around the method's usual ones. */
export function roastEntries(
  planned: PlannedRoast,
  on: (typeof gear)[number],
  greenGrams: number,
  random: () => number,
): Entry[] {
  const method = methodOf(on.method);
  const log: Entry[] = [];
  const add = (at: number, draft: EntryDraft, source: Entry['source'] = 'hand') => {
    const pressedAt = Math.round(at * 10) / 10;
    log.push({ ...draft, id: createId('entry', random), at: pressedAt, pressedAt, source } as Entry);
  };
  const times = draw(planned, method, on.pace, random);
  addMoves(planned, method, times, add);
  if (planned.story !== 'noYellow') add(times.yellow, { kind: 'mark', milestone: 'yellow' });
  add(times.yellow * 0.65, { kind: 'smell', smell: 'hay' });
  add(times.yellow + (times.firstCrack - times.yellow) * 0.45, { kind: 'smell', smell: 'toast' });
  if (random() < 0.5) add(times.yellow + (times.firstCrack - times.yellow) * 0.8, { kind: 'smell', smell: 'sweet' });
  addCracks(planned, times, random, add);
  addPulls(planned, times, greenGrams, random, add);
  return log.sort((a, b) => a.pressedAt - b.pressedAt);
}

type Add = (at: number, draft: EntryDraft, source?: Entry['source']) => void;
type Times = ReturnType<typeof draw>;

function draw(planned: PlannedRoast, method: Method, pace: number, random: () => number) {
  const { story } = planned;
  const day = pace * Math.exp(normal(random) * 0.05) * (story === 'hotGear' ? 0.82 : story === 'baked' ? 1.25 : 1);
  const yellow = method.yellow.medianS * day * Math.exp(normal(random) * 0.04);
  const middle = story === 'rushed' ? 0.68 : story === 'slower' ? 1.18 : story === 'baked' ? 1.3 : 1;
  const firstCrack =
    yellow + (method.firstCrack.medianS - method.yellow.medianS) * day * middle * Math.exp(normal(random) * 0.05);
  const medium = (method.pull.medianS - method.firstCrack.medianS) * pace;
  const after = medium * shadeOf(planned.shade).afterCrackShare * Math.exp(normal(random) * 0.06);
  return {
    yellow,
    firstCrack,
    firstCrackEnd: firstCrack + medium * 0.72,
    secondCrack: firstCrack + medium * 1.22,
    pull: firstCrack + after,
  };
}

function addMoves(planned: PlannedRoast, method: Method, times: Times, add: Add): void {
  for (const control of method.controls) {
    if (control.kind === 'act') {
      add(times.yellow * 0.3, { kind: 'move', control: control.id });
      add(times.yellow * 0.7, { kind: 'move', control: control.id });
    } else if (control.kind === 'switch') {
      const at = planned.story === 'slower' ? times.yellow + 2 : times.firstCrack - 12;
      add(at, { kind: 'move', control: control.id, value: control.on });
    } else if (control.kind === 'words') {
      add(times.yellow + 15, { kind: 'move', control: control.id, value: control.start });
    } else if (control.axis === 'heat') {
      const first = planned.story === 'scorched' ? control.most : Math.min(control.most, control.start + control.by);
      add(6, { kind: 'move', control: control.id, value: first });
      add(times.yellow + 15, { kind: 'move', control: control.id, value: control.start });
      if (planned.story !== 'rushed')
        add(times.firstCrack + 8, { kind: 'move', control: control.id, value: control.start - control.by });
    } else {
      add(times.yellow * 0.5, {
        kind: 'move',
        control: control.id,
        value: Math.min(control.most, control.start + control.by),
      });
    }
  }
}

function addCracks(planned: PlannedRoast, times: Times, random: () => number, add: Add): void {
  const quiet = planned.lot === 'saltmarsh' ? 0.3 : planned.lot === 'ferry' || planned.lot === 'kite' ? 0.6 : 1;
  const end = Math.min(times.firstCrackEnd, times.pull);
  for (let i = 0; i < 1 + random() * 2; i++)
    add(times.firstCrack - 8 - random() * 30, { kind: 'crack', crack: 'first' }, 'tap');
  // Densest a third of the way in: the sum of two draws, squeezed to the front.
  const pops = Math.round(
    (22 + random() * 16) * quiet * ((end - times.firstCrack) / (times.firstCrackEnd - times.firstCrack)),
  );
  // What makes it rolling: three pops within ten seconds.
  for (const after of [0, 4, 8])
    if (times.firstCrack + after < end) add(times.firstCrack + after, { kind: 'crack', crack: 'first' }, 'tap');
  for (let i = 0; i < pops; i++) {
    const share = ((random() + random()) / 2) ** 1.35;
    add(times.firstCrack + share * (end - times.firstCrack), { kind: 'crack', crack: 'first' }, 'tap');
  }
  markFirstCrack(planned, times, add);
  if (times.pull > times.firstCrackEnd) add(times.firstCrackEnd, { kind: 'mark', milestone: 'firstCrackEnd' });
  if (times.pull > times.secondCrack + 3) {
    add(times.secondCrack, { kind: 'mark', milestone: 'secondCrack' });
    const snaps = Math.round((times.pull - times.secondCrack) * 0.5);
    for (let i = 0; i < snaps; i++)
      add(times.secondCrack + random() * (times.pull - times.secondCrack), { kind: 'crack', crack: 'second' }, 'tap');
  }
}

function markFirstCrack(planned: PlannedRoast, times: Times, add: Add): void {
  const early = planned.story === 'misMarked' ? 27 : 0;
  add(times.firstCrack - early, { kind: 'mark', milestone: 'firstCrack' });
}

function addPulls(planned: PlannedRoast, times: Times, greenGrams: number, random: () => number, add: Add): void {
  const loss = (shade: ShadeNumber) => 1 - (shadeOf(shade).lossPercent.mean + normal(random) * 0.5) / 100;
  const round = (grams: number) => Math.round(grams * 10) / 10;
  if (planned.story === 'staged') {
    const third = greenGrams / 3;
    const shades = [planned.shade - 2, planned.shade - 1] as ShadeNumber[];
    shades.forEach((shade, i) => {
      const at = times.firstCrack + (times.pull - times.firstCrack) * (0.55 + 0.22 * i);
      add(at, { kind: 'pull', all: false, shade, grams: round(third * loss(shade)) });
    });
    add(times.pull, { kind: 'pull', all: true, shade: planned.shade, grams: round(third * loss(planned.shade)) });
  } else if (planned.story === 'unweighed') add(times.pull, { kind: 'pull', all: true });
  else {
    const off = planned.story === 'hotGear' ? 1 : 0;
    const shade = Math.min(7, planned.shade + off) as ShadeNumber;
    add(times.pull, { kind: 'pull', all: true, shade, grams: round(greenGrams * loss(shade)) });
  }
  if (random() < 0.6) add(times.pull - 6, { kind: 'colour', tone: Math.round(shadeTone(planned.shade) * 100) / 100 });
  add(times.pull + 150 + random() * 80, { kind: 'mark', milestone: 'cooled' });
}
