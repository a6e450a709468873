import assert from 'node:assert/strict';
import { it } from 'node:test';
import { likestGear, likestLot } from '@/core/recipe';

const lot = (name: string, origin: string, process: 'washed' | 'natural' | 'other') => ({ name, origin, process });

it('one’s own beans most like somebody else’s have their name, else their origin, else a process that is known', () => {
  const mine = [
    lot('Rain Ladder', 'Sumatra', 'other'),
    lot('Kite Hill', 'Ethiopia', 'natural'),
    lot('Lantern Terrace', 'Peru', 'washed'),
    lot('Old Ferry', 'India', 'washed'),
  ];
  const cases = [
    [lot('Old Ferry', 'Ethiopia', 'natural'), 'Old Ferry'],
    [lot('A lot of theirs', 'Peru', 'natural'), 'Lantern Terrace'],
    [lot('A lot of theirs', 'Kenya', 'washed'), 'Lantern Terrace'],
    [lot('A lot of theirs', 'Kenya', 'other'), undefined],
  ] as const;
  for (const [theirs, name] of cases) assert.equal(likestLot(mine, [theirs])?.name, name);
  assert.equal(likestLot([], [lot('Old Ferry', 'India', 'washed')]), undefined);
});

it('one’s own gear is like somebody else’s by its method', () => {
  const mine = [{ method: 'oven' }, { method: 'pan' }, { method: 'pan' }] as const;
  assert.equal(likestGear(mine, [{ method: 'pan' }]), mine[1]);
  assert.equal(likestGear(mine, [{ method: 'hotAirPopper' }]), undefined);
});
