// What each crack of the simulated beans looks like to the ear: all 97 figures, at the rates that microphones have.
import { it } from 'node:test';
import { Onsets, RenderedBeans } from '@/core/listen';
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
