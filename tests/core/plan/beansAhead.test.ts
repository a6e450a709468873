import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Lot } from '@/core/bean';
import { beansAhead, countsOfBeans } from '@/core/plan';

const lot = (name: string, leftGrams: number) => ({ lotId: `lot:${name}` as Lot['id'], leftGrams });
const shown = (all: ReturnType<typeof beansAhead>) => all.map((each) => countsOfBeans(each));

describe('which beans the roasts ahead are of', () => {
  it('takes the first as long as they last, then the next, and of the last of them a smaller batch', () => {
    const lots = [lot('terrace', 235), lot('ferry', 930), lot('decaf', 125)];
    const days = beansAhead([{ batches: 4 }, { batches: 4 }], 180, lots);
    assert.deepEqual(shown(days), [
      [
        ['lot:terrace', 1],
        ['lot:ferry', 3],
      ],
      [
        ['lot:ferry', 2],
        ['lot:decaf', 1],
      ],
    ]);
    assert.equal(days[1]?.at(-1)?.greenGrams, 125);
  });
  it('has fewer where there is no green, and takes the last gram', () => {
    assert.deepEqual(shown(beansAhead([{ batches: 3 }, { batches: 1 }], 100, [lot('a', 200)])), [[['lot:a', 2]], []]);
    assert.deepEqual(beansAhead([{ batches: 1 }], 100, [lot('a', 66), lot('b', -5)]), [[]]);
    assert.deepEqual(beansAhead([], 100, [lot('a', 500)]), []);
  });
  it('never takes more of any beans than there are', () => {
    const grams = fc.double({ min: -50, max: 2000, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(grams, { maxLength: 6 }),
        fc.array(fc.nat(8)),
        fc.double({ min: 20, max: 400, noNaN: true }),
        (left, counts, batch) => {
          const lots = left.map((each, i) => lot(`l${i}`, each));
          const all = beansAhead(
            counts.map((batches) => ({ batches })),
            batch,
            lots,
          );
          for (const { lotId, leftGrams } of lots) {
            const used = all.flat().filter((each) => each.lotId === lotId);
            assert.ok(used.reduce((sum, { greenGrams }) => sum + greenGrams, 0) <= Math.max(0, leftGrams) + 1e-6);
          }
          assert.ok(all.every((each, i) => each.length <= (counts[i] as number)));
        },
      ),
    );
  });
});
