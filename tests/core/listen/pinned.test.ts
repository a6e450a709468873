// What each crack of the simulated beans looks like to the ear: all 97 figures, at the rates that microphones have.
import { it } from 'node:test';
import { seededRandom } from '@/core/chance';
import { Listener, Onsets, RenderedBeans, readEar, Whistles } from '@/core/listen';
import stored from '@/workers/ear/ear.json' with { type: 'json' };
import { addAt, decibels, RATE, toLoudness, whole } from '../../../ear/sounds/draw.ts';
import { gearNoises } from '../../../ear/sounds/gear.ts';
import { whistle } from '../../../ear/sounds/whistle.ts';
import { assertPinned } from '../pinned.ts';

const CRACKS = [
  [],
  [],
  [{ at: 0.5, kind: 'first' }],
  [
    { at: 0.3, kind: 'second' },
    { at: 0.34, kind: 'first' },
    { at: 0.8, kind: 'second' },
  ],
] as const;

it('the same sounds look the same', () => {
  const looks = [48_000, 44_100, 16_000].map((rate) => {
    const [beans, onsets] = [new RenderedBeans(rate, 11), new Onsets(rate)];
    const found = CRACKS.flatMap((cracks) =>
      Array.from(beans.second(cracks)).flatMap((sample) => {
        const onset = onsets.push(sample);
        // Copied out: the next sounds use the same store.
        return onset ? [{ ...onset, features: [...onset.features] }] : [];
      }),
    );
    const near = found.filter(({ at }) => [2.5, 3.3, 3.34, 3.8].some((crack) => Math.abs(at - crack) < 0.004));
    const written = near.map(
      ({ at, peakDb, features }) =>
        `${at.toFixed(4)} ${peakDb.toFixed(2)}: ${features.map((each) => Number(each.toFixed(2))).join(' ')}`,
    );
    return [`${rate} Hz, ${found.length} onsets`, written];
  });
  assertPinned('listen', Object.fromEntries(looks));
});

/** A first crack that comes, rolls and thins out, a lull, and second crack: so many a second. */
const COURSE = [
  ...[0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 1, 0],
  ...[1, 1, 2, 1, 2, 3, 2, 3, 2, 2, 3, 2, 1, 2, 1, 1, 0, 1, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0],
  ...[-1, -2, -3, -4, -4, -5, -4, -5, -4, -4, -5, -4, -4, -4],
];

it('the same roast is heard the same', () => {
  const listener = new Listener({ sampleRate: 48_000, ear: readEar(stored) });
  const [beans, random] = [new RenderedBeans(48_000, 7), seededRandom(3)];
  const heard = COURSE.flatMap((count) => {
    const kind = count < 0 ? ('second' as const) : ('first' as const);
    return listener.push(beans.second(Array.from({ length: Math.abs(count) }, () => ({ at: random(), kind }))));
  });
  const { course, learnt, ...state } = listener.state();
  const written = heard.map(({ at, kind, sure }) => `${at.toFixed(3)} ${kind} ${sure.toFixed(3)}`);
  assertPinned('heard', { written, state, course, learnt });
});

it('the same whistles are heard the same', () => {
  const all = (['blower', 'flame', 'drum'] as const).map((gear, i) => {
    const random = seededRandom(20 + i);
    const sound = toLoudness(gearNoises[gear](random, whole(12)), 0.1);
    let at = 2;
    for (const gap of [0.25, 1.4, 0.5, 0.9, 1.2]) {
      const one = whistle(random);
      addAt(sound, one, at, 0.1 * decibels(3 + 4 * gap));
      at += one.length / RATE + gap;
    }
    return [gear, new Whistles(RATE).push(sound).map((each) => ({ ...each, at: each.at.toFixed(3) }))];
  });
  assertPinned('whistles', Object.fromEntries(all));
});
