// What the simulated beans do on every kind of gear, mild and rough, and how their trays are drawn: every figure at once.
import { it } from 'node:test';
import { seededRandom } from '@/core/chance';
import { type Control, type MethodId, methodIds, methodOf, proposedValue, steppedValue } from '@/core/gear';
import type { Roast } from '@/core/roast';
import {
  drawTray,
  grounds,
  manyHouseholds,
  SimulatedProbe,
  type SimulatedRoast,
  type SimulationSetUp,
  seedOf,
  simulateRoast,
  trayPhoto,
  trayWishOf,
} from '@/core/simulate';
import { pull, roastOf } from '../build.ts';
import { assertPinned } from '../pinned.ts';

const CIRCUMSTANCES = {
  mild: {},
  rough: {
    ambientC: 4,
    wind: 'strong',
    strength: 1.1,
    supply: 0.95,
    minutesSinceLast: 12,
    lot: { process: 'natural', grading: 'mixed', gramsPerMl: 0.66, moisturePercent: 12.5 },
  },
  even: { lot: { process: 'decaf', grading: 'peaberry' }, wind: 'breeze' },
} as const satisfies Record<string, Partial<SimulationSetUp>>;

/** Everything that can be set, two steps down a minute in and one up after three; a stir after two. */
function atTimes(controls: readonly Control[], now: number) {
  return controls.flatMap((control) => {
    if (control.kind === 'act') return now === 120 ? [{ control: control.id }] : [];
    if (control.kind === 'switch') return now === 90 ? [{ control: control.id, value: control.off }] : [];
    const down = steppedValue(control, steppedValue(control, proposedValue(control), -1), -1);
    if (now === 60) return [{ control: control.id, value: down }];
    return now === 180 ? [{ control: control.id, value: steppedValue(control, down, 1) }] : [];
  });
}

function roasted(method: MethodId, facts: Partial<SimulationSetUp>): SimulatedRoast {
  const { controls, batchGrams } = methodOf(method);
  const setUp = { method, controls, lot: { process: 'washed' as const }, greenGrams: batchGrams.usual, ...facts };
  return simulateRoast(setUp, { shade: 6, limitS: 1500 }, seededRandom(17), ({ atS }) => atTimes(controls, atS));
}

const curveWords = ({ beanC, shellC, gearC }: SimulatedRoast['curve'][number]) =>
  [beanC, shellC, gearC].map((each) => each.toFixed(2)).join(' ');

it('the same beans roast the same', () => {
  const all = methodIds.flatMap((method) =>
    Object.entries(CIRCUMSTANCES).map(([name, facts]) => {
      const { yellow, firstCrack, firstCrackEnd, secondCrack, pull: out, end, cracks, curve } = roasted(method, facts);
      const on = [50, 110, 170, 230].flatMap((atS) => curve[atS - 1] ?? []);
      return [
        `${method}, ${name}`,
        { yellow, firstCrack, firstCrackEnd, secondCrack, out, end, heard: cracks.length, on: on.map(curveWords) },
      ];
    }),
  );
  assertPinned('simulated', Object.fromEntries(all));
});

it('households, probes and trays are drawn the same', () => {
  const random = seededRandom(5);
  const households = methodIds.map((method) => {
    const { controls: _, ...drawn } = manyHouseholds(method, undefined, random);
    return drawn;
  });
  const probe = new SimulatedProbe(seededRandom(8));
  const readings = Array.from(
    { length: 600 },
    (_, i) => probe.read({ shellC: i, beanC: 20 + i / 3, gearC: 200 }) ?? null,
  );
  const photo = trayPhoto(
    { lightness: 30, spread: 4, scorchedShare: 0.2, paleShare: 0.1, count: 70 },
    seedOf('roast:pinned01'),
  );
  const wishes = (['even', 'someSpread', 'patchy'] as const).map((evenness, i) =>
    trayWishOf(
      roastOf([pull(300, { shade: 5 })], { evenness, spots: (['none', 'some', 'many'] as const)[i] } as Partial<Roast>),
    ),
  );
  const trays = grounds.map((ground) => {
    const scene = {
      beans: [],
      ground,
      fieldMm: 300,
      light: { colour: [1.1, 1, 0.8], directed: 0.5, from: 1, height: 0.8, falloff: 0.2, second: [0.8, 1, 1.2] },
      camera: { stops: -0.3, colourLeft: 0.5, contrast: 0.2, blurPixels: 0, noise: 0 },
      oil: 0.3,
    } as const;
    return [ground, blocks(drawTray(scene, 120, seededRandom(3)).picture)];
  });
  assertPinned('drawn', {
    households,
    readings,
    wishes,
    photo: blocks(photo),
    ...Object.fromEntries(trays),
  });
});

/** The middle of red, green and blue in each of twelve by nine fields of a picture. */
function blocks({ width, height, rgba }: ReturnType<typeof trayPhoto>): string[] {
  return Array.from({ length: 9 }, (_, row) =>
    Array.from({ length: 12 }, (_, column) => {
      const sums = [0, 0, 0];
      const [across, down] = [Math.floor(width / 12), Math.floor(height / 9)];
      for (let y = row * down; y < (row + 1) * down; y++)
        for (let x = column * across; x < (column + 1) * across; x++)
          for (let c = 0; c < 3; c++) sums[c] = (sums[c] as number) + (rgba[4 * (y * width + x) + c] as number);
      return sums.map((sum) => (sum / (across * down)).toFixed(1)).join(',');
    }).join(' '),
  );
}
