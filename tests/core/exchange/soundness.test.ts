import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import * as z from 'zod';
import { contentTables, type Notebook, rowFault } from '@/core/exchange';
import { rowSchema } from '@/core/exchange/rowFault';
import { soundnessTest } from '@/core/exchange/soundness';

const demo = JSON.parse(
  readFileSync(new URL('../../../demo/household.gander.json', import.meta.url), 'utf8'),
) as Notebook;

/** Every place in a value, as the keys that lead to it. */
const placesIn = (value: unknown): string[][] =>
  typeof value === 'object' && value !== null
    ? Object.entries(value).flatMap(([key, each]) => [[key], ...placesIn(each).map((path) => [key, ...path])])
    : [];

const odd = fc.constantFrom<unknown>(
  ...[undefined, null, '', ' ', 'roast:x', '2026-02-30', '2026-11-29T10:00:00Z', '25:61', 'x'.repeat(5000), 'mark'],
  ...[0, -1, 0.5, 1.0000001, 1e9, 2 ** 60, Number.NaN, Number.POSITIVE_INFINITY, true, false, [], [null], {}],
);

describe('whether a row is sound', () => {
  it('is what its schema says, whatever one thing in it becomes', () => {
    const rows = contentTables.flatMap((table) => demo[table].slice(0, 12).map((row) => ({ table, row })));
    const tests = new Map(contentTables.map((table) => [table, soundnessTest(rowSchema(table))]));
    let refused = 0;
    fc.assert(
      fc.property(fc.constantFrom(...rows), fc.nat(), odd, fc.boolean(), ({ table, row }, n, value, isGone) => {
        const spoilt = structuredClone(row) as object;
        const places = placesIn(spoilt);
        const path = places[n % places.length] ?? [];
        type Holder = Record<string, unknown>;
        const holder = path.slice(0, -1).reduce((at, key) => at[key] as Holder, spoilt as Holder);
        const key = path.at(-1) ?? '';
        if (isGone) delete holder[key];
        else holder[key] = value;
        const takes = rowSchema(table).safeParse(spoilt).success;
        if (!takes) refused++;
        assert.equal(tests.get(table)?.(spoilt), takes, `${table} ${path.join('.')}`);
        assert.equal(rowFault(table, spoilt) === undefined, takes);
      }),
      { numRuns: 3000, seed: 20261201 },
    );
    // Neither nearly all nor next to none: else this would show little.
    assert.ok(refused > 900 && refused < 2700, String(refused));
  });

  it('is asked of the schema itself where there is more to it than is known', () => {
    const cases: readonly [z.ZodType, readonly unknown[]][] = [
      [z.string().trim().min(1), ['a', ' ', '', 1]],
      [z.number().multipleOf(0.5), [1, 1.5, 1.3, 'x']],
      [z.string().refine((text) => text !== 'no'), ['yes', 'no', 3]],
      [z.record(z.string().regex(/^[a-z]$/), z.int()), [{ a: 1 }, { A: 1 }, { a: 0.5 }, []]],
      [z.strictObject({ a: z.int() }), [{ a: 1 }, { a: 1, b: 2 }, {}, null]],
      [z.object({ a: z.int().default(3) }), [{}, { a: undefined }, { a: 'x' }]],
      [z.object({ a: z.unknown() }), [{ a: 1 }, { a: undefined }, {}]],
      [z.string().regex(/a/g), ['a', 'ba', 'b']],
      [z.email(), ['a@example.com', 'a']],
      [z.int().gt(0).lt(3), [0, 1, 2, 3, 2.5]],
      [z.array(z.boolean()).min(1).max(2), [[], [true], [true, false], [true, true, true], ['x'], 'xx']],
    ];
    for (const [schema, values] of cases) {
      const test = soundnessTest(schema);
      // Twice, since a pattern may remember where it was.
      for (const value of [...values, ...values])
        assert.equal(test(value), schema.safeParse(value).success, `${schema._zod.def.type} ${JSON.stringify(value)}`);
    }
  });
});
