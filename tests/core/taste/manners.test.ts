import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { seededRandom } from '@/core/chance';
import type { Id } from '@/core/ids';
import {
  createFlight,
  drawnAnew,
  type Flight,
  type FlightManner,
  fewestRight,
  flightResult,
  leastSheets,
  liftedKey,
  preferencePower,
  scoredInFlight,
} from '@/core/taste';

const contenders = [{ name: 'Lid on', roastId: 'roast:aaaa' as Id<'roast'> }, { name: 'Lid off' }];
const make = (question: Flight['question'], manner: FlightManner, tasters = ['Ada', 'Ada'], seed = 1) =>
  createFlight(
    {
      id: 'flight:test0001' as Id<'flight'>,
      question,
      contenders,
      tasters,
      manner,
      createdAt: '2026-11-24T10:00:00.000Z',
    },
    seededRandom(seed),
  );
const answer = (flight: Flight, i: number, facts: Partial<Flight['trials'][number]>): Flight => ({
  ...flight,
  trials: flight.trials.map((trial, at) =>
    at === i ? { ...trial, answeredAt: '2026-11-24T10:10:00.000Z', ...facts } : trial,
  ),
});

describe('blind, alone', () => {
  it('has no key until the cups are lifted, and says what to pour', () => {
    const { flight, key } = make('triangle', 'alone');
    assert.deepEqual(key.trials, [{}, {}]);
    for (const { pours } of flight.trials) assert.ok(['0,0,1', '0,1,1'].includes(pours?.join() ?? ''));
    assert.deepEqual(make('preference', 'alone').flight.trials[0]?.pours, [0, 1]);
  });

  it('reads the key off the cups, and refuses cups that were not poured', () => {
    const made = make('preference', 'alone').flight;
    const [a, b] = made.trials[0]?.codes ?? [];
    const flight = answer(made, 0, { picked: a });
    const lifted = [{ [a as string]: 1, [b as string]: 0 }];
    const key = liftedKey(flight, lifted);
    assert.deepEqual(key.trials, [lifted[0], {}], 'a sheet that is not in needs no cups');
    assert.match(flightResult(flight, key).verdict?.sentence ?? '', /Lid off/);
    assert.throws(() => liftedKey(flight, [{ [a as string]: 1, [b as string]: 1 }]), RangeError);
    assert.throws(() => liftedKey(flight, [{}]), RangeError);
  });
});

describe('slips that were seen', () => {
  it('are drawn anew for the sheets that are not in; what was tasted stays', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 999 }),
        fc.constantFrom('preference', 'triangle', 'rank'),
        (seed, question) => {
          const { flight, key } = make(question as Flight['question'], 'poured', ['Ada', 'Bo', 'Ada'], seed);
          const poured = {
            ...answer(flight, 1, {}),
            trials: answer(flight, 1, {}).trials.map((t) => ({ ...t, poured: true as const })),
          };
          const next = drawnAnew(poured, key, seededRandom(seed + 1));
          assert.deepEqual(next.flight.trials[1], poured.trials[1]);
          assert.deepEqual(next.key.trials[1], key.trials[1]);
          for (const i of [0, 2]) {
            assert.equal(next.flight.trials[i]?.poured, undefined);
            assert.equal(next.flight.trials[i]?.taster, poured.trials[i]?.taster);
            assert.deepEqual(Object.keys(next.key.trials[i] ?? {}).sort(), next.flight.trials[i]?.codes);
            assert.ok(
              next.flight.trials[i]?.codes.every((code) => !flight.trials.some(({ codes }) => codes.includes(code))),
            );
          }
        },
      ),
    );
  });
});

describe('open', () => {
  it('has its key from the start; a triangle cannot be open', () => {
    const { flight, key } = make('rank', 'open');
    assert.equal(flight.manner, 'open');
    assert.deepEqual(Object.values(key.trials[0] ?? {}).sort(), [0, 1]);
    assert.throws(() => make('triangle', 'open'), /needs codes/);
  });
});

it('as many sheets as are proposed can show something', () => {
  assert.ok((fewestRight(leastSheets('triangle'), 1 / 3) ?? 99) < leastSheets('triangle'), 'one slip is allowed for');
  assert.ok(preferencePower(leastSheets('preference'), 0.9) > 0);
  assert.equal(preferencePower(leastSheets('preference') - 1, 0.9), 0);
});

it('scores of a flight are scores of the roasts in it, and none without its key', () => {
  const { flight, key } = make('rank', 'poured');
  const code = (cup: number) => Object.entries(key.trials[0] ?? {}).find(([, at]) => at === cup)?.[0] as string;
  const scored = answer(flight, 0, { scores: { [code(0)]: 8.5, [code(1)]: 3 } });
  assert.deepEqual(scoredInFlight(scored, key), [{ roastId: 'roast:aaaa', overall: 8.5 }]);
  assert.deepEqual(scoredInFlight(scored, undefined), []);
});
