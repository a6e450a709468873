import assert from 'node:assert/strict';
import { it } from 'node:test';
import { goesOn } from '@/core/plan';
import { pull, roastOf } from '../build.ts';

type Rows = Parameters<typeof goesOn>[0];
const MIDNIGHT = Date.parse('2026-11-25T00:00:00Z');
const HOUR_MS = 3_600_000;

const row = (chargedAt: string | undefined, isOut: boolean) => ({
  roast: chargedAt ? roastOf(isOut ? [pull(500)] : [], { chargedAt }) : undefined,
  reached: isOut ? { pull: 500 } : {},
});
const goes = (rows: readonly ReturnType<typeof row>[], nowMs = MIDNIGHT + HOUR_MS) =>
  goesOn(rows as unknown as Rows, nowMs);

it('a list goes on past midnight while a batch is to come and one was begun within four hours', () => {
  const late = '2026-11-24T23:30:00Z';
  assert.equal(goes([row(late, true), row(undefined, false)]), true);
  assert.equal(goes([row(late, false)]), true, 'the last one is on the heat');
  assert.equal(goes([row(late, true)]), false, 'all are out');
  assert.equal(goes([row(undefined, false)]), false, 'nobody began');
  assert.equal(goes([row('2026-11-24T20:59:00Z', true), row(undefined, false)]), false, 'too long a pause');
  assert.equal(goes([row('2026-11-24T21:01:00Z', true), row(undefined, false)]), true);
  assert.equal(goes([row('2026-11-25T02:00:00Z', true), row(undefined, false)]), false, 'by a clock that was wrong');
});
