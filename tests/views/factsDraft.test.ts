import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Roast } from '@/core/roast';
import { changedFacts, draftOfFacts, readFacts } from '@/views/roastpage/factsDraft';
import { pull, roastOf } from '../core/build.ts';

const refuseNothing = (field: string, message: string) => assert.fail(`${field}: ${message}`);
const fahrenheit = { weightUnit: 'oz', temperatureUnit: 'F' } as const;

describe('the facts of a roast in their form', () => {
  it('left untouched say nothing new, in grams and ounces, °C and °F', () => {
    const facts = fc.record({
      greenGrams: fc.double({ min: 5, max: 5000, noNaN: true }),
      ambientC: fc.option(fc.double({ min: -30, max: 45, noNaN: true }), { nil: undefined }),
      weightUnit: fc.constantFrom('g' as const, 'oz' as const),
      temperatureUnit: fc.constantFrom('C' as const, 'F' as const),
    });
    fc.assert(
      fc.property(facts, ({ greenGrams, ambientC, ...units }) => {
        const roast = roastOf([pull(600)], { greenGrams, ...(ambientC === undefined ? {} : { ambientC }) });
        const read = readFacts(draftOfFacts(roast, units), roast, units, refuseNothing);
        assert.deepEqual(changedFacts(roast, read ?? assert.fail()), []);
      }),
    );
  });

  it('are read in the household’s units, and only what changed is named', () => {
    const roast: Roast = roastOf([pull(600)], { greenGrams: 80, ambientC: 4 });
    const draft = { ...draftOfFacts(roast, fahrenheit), green: '3 oz', air: '14' };
    const read = readFacts(draft, roast, fahrenheit, refuseNothing);
    assert.equal(read?.greenGrams?.toFixed(1), '85.0');
    assert.equal(read?.ambientC, -10);
    assert.deepEqual(changedFacts(roast, read ?? {}), ['green weight', 'air']);
  });

  it('that cannot be are refused beside their field: no amount, a day to come', () => {
    const roast = roastOf([pull(600)]);
    const refused = (some: object) => {
      const found: string[] = [];
      const draft = { ...draftOfFacts(roast, fahrenheit), ...some };
      assert.equal(
        readFacts(draft, roast, fahrenheit, (field) => void found.push(field)),
        undefined,
      );
      return found;
    };
    assert.deepEqual(refused({ green: 'lots' }), ['green']);
    assert.deepEqual(refused({ air: 'cold' }), ['air']);
    assert.deepEqual(refused({ day: '2999-01-01' }), ['day']);
    assert.deepEqual(refused({ day: '' }), ['day']);
  });
});
