import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { gearRecord } from '@/core/record';
import type { Roast } from '@/core/roast';
import { entry, mark, pull, roastOf } from '../build.ts';

const pot = { method: 'stovetopPopper' as const };
const flame = (at: number, value: number) => entry(at, { kind: 'move', control: 'flame', value });
const roast = (time: string, pullS: number, facts: Partial<Roast> = {}, more: ReturnType<typeof entry>[] = []) =>
  roastOf([mark(120, 'yellow'), mark(240, 'firstCrack'), pull(pullS, { grams: 68, shade: 4 }), ...more], {
    createdAt: `2026-11-24T${time}:00.000Z`,
    chargedAt: `2026-11-24T${time}:00.000Z`,
    ...facts,
  });

describe('what the roasts say of a piece of gear', () => {
  it('is nothing without any', () => {
    const none = gearRecord(pot, [roastOf([mark(120, 'yellow')])]);
    assert.deepEqual(
      [none.roasts, none.times.pull, none.losses, none.heat, none.betweenMin, none.best],
      [0, undefined, [], undefined, undefined, undefined],
    );
  });
  it('is the middle and the spread of its times, with the ends while there are few', () => {
    const three = gearRecord(pot, [roast('10:00', 300), roast('11:00', 330), roast('12:00', 345)]);
    assert.deepEqual(three.times.pull, { median: 330, low: 300, high: 345, count: 3 });
    const times = (pulls: readonly number[]) =>
      gearRecord(
        pot,
        pulls.map((pullS, i) => roast(`${10 + i}:00`, pullS)),
      ).times.pull;
    assert.deepEqual(times([300, 310, 320, 330]), { median: 315, low: 300, high: 330, count: 4 });
    assert.deepEqual(times([300, 310, 320, 330, 340]), { median: 320, low: 304, high: 336, count: 5 });
    const many = gearRecord(
      pot,
      Array.from({ length: 11 }, (_, i) => roast(`${10 + i}:00`, 300 + 10 * i)),
    );
    assert.deepEqual(many.times.pull, { median: 350, low: 310, high: 390, count: 11 });
  });
  it('is its loss by shade, how long it was left to cool, its batch and its best', () => {
    const all = [
      roast('10:00', 300),
      // In again 20 minutes after 10:05, and 15 after 10:30; the evening is another sitting.
      roast('10:25', 300, { stars: 4 }),
      roast('10:45', 300, { stars: 5, greenGrams: 85 }),
      roast('19:00', 300, { stars: 5 }),
    ];
    const record = gearRecord(pot, all);
    assert.deepEqual(record.betweenMin, { median: 17.5, low: 15, high: 20, count: 2 });
    assert.equal(record.losses.length, 1);
    assert.equal(record.losses[0]?.shade, 4);
    assert.ok(Math.abs((record.losses[0]?.percent.median ?? 0) - 15) < 1e-9);
    assert.deepEqual([record.greenGrams?.median, record.greenGrams?.high], [80, 85]);
    assert.equal(record.best?.createdAt, '2026-11-24T19:00:00.000Z');
  });
  it('takes a wait of an hour and a half for the same sitting, and no longer one', () => {
    const waits = (second: string) => gearRecord(pot, [roast('10:00', 300), roast(second, 300)]).betweenMin?.median;
    assert.deepEqual([waits('11:35'), waits('11:36')], [90, undefined]);
  });
  it('is its usual heat by stretch where anybody noted one', () => {
    assert.equal(gearRecord(pot, [roast('10:00', 300)]).heat, undefined);
    const heat = gearRecord(pot, [roast('10:00', 300, {}, [flame(0, 8), flame(120, 6), flame(240, 4)])]).heat;
    assert.deepEqual([heat?.drying, heat?.browning, heat?.afterCrack], ['8', '6', '4']);
    const cracked = gearRecord(pot, [roast('10:00', 300, {}, [flame(250, 4)])]).heat;
    assert.deepEqual(
      [cracked?.drying, cracked?.browning, cracked?.afterCrack],
      ['', '', '4'],
      'noted in one stretch alone',
    );
    const unheard = gearRecord(pot, [roastOf([mark(120, 'yellow'), pull(300), flame(0, 8)])]).heat;
    assert.deepEqual([unheard?.drying, unheard?.browning, unheard?.afterCrack], ['8', '', ''], 'no crack was marked');
    assert.equal(gearRecord({ method: 'hotAirPopper' }, [roast('10:00', 300)]).heat, undefined, 'no control of heat');
  });
});
