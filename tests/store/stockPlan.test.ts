import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { it } from 'node:test';
import { addDays } from 'date-fns';
import { tableLossPercent } from '@/core/plan';
import { localDay } from '@/core/units';
import { addBatches } from '@/store/days';
import { getHousehold } from '@/store/settings';
import { readAhead, stockPlanOf } from '@/store/stockPlan';
import { undoChange } from '@/store/undo';
import { smallHousehold } from './household.ts';

it('what is on the lists gives what the usual batch does, by its own shade, and is asked for no more', async () => {
  const { db, gear, lot } = await smallHousehold();
  const now = new Date(2026, 11, 1, 23, 50);
  const plan = async () => {
    const ahead = await readAhead(db, now);
    return { ahead, ...stockPlanOf({ jars: [], ...ahead }, await getHousehold(db), undefined, now) };
  };
  const before = await plan();
  assert.ok(before.roasts.every(({ planned }) => planned === undefined));
  // Yesterday's list is past, whether it was roasted or not.
  const batch = { lotId: lot.id, gearId: gear.id, greenGrams: 200, shade: 4 as const };
  await addBatches(db, localDay(addDays(now, -1)), [batch]);
  const change = await addBatches(db, localDay(addDays(now, 3)), [batch, { ...batch, shade: 6 as const }]);
  const { ahead, roasts } = await plan();
  const usual = ahead.usual.roastedGrams / ahead.usual.greenGrams;
  const less = (shade: 4 | 6) => (tableLossPercent(shade) - tableLossPercent(ahead.usual.shade)) / 100;
  const day = roasts.find((roast) => roast.planned);
  assert.deepEqual([day?.day, day?.planned?.batches], [3, 2], 'ten to midnight is still that day');
  assert.ok(Math.abs((day?.planned?.grams ?? 0) - 200 * (2 * usual - less(4) - less(6))) < 1e-9);
  const asked = (all: typeof roasts) => all.reduce((sum, { batches }) => sum + batches, 0);
  assert.ok(asked(roasts) < asked(before.roasts));
  await undoChange(db, change);
  assert.deepEqual((await plan()).roasts, before.roasts);
});
