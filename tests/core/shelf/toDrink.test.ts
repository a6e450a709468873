import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { type ShelfState, whatToDrink } from '@/core/shelf';

const jar = (name: string, state: ShelfState, [readyMs, bestMs]: readonly [number, number], frozen = false) => ({
  name,
  state,
  readyMs,
  bestMs,
  frozen,
});
const told = (...jars: ReturnType<typeof jar>[]) => {
  const found = whatToDrink(jars);
  return found && `${found.why} ${found.jar.name}`;
};

describe('what to drink', () => {
  const fading = jar('fading', 'fading', [1, 5]);
  const best = jar('best', 'best', [3, 20]);
  const ready = jar('ready', 'ready', [9, 12]);
  const late = jar('late', 'resting', [30, 50]);
  const soon = jar('soon', 'resting', [28, 60]);
  const frozen = jar('frozen', 'best', [2, 9], true);
  const past = jar('past', 'past', [0, 1]);
  it('is what fades first of what is good, and what is only ready last', () => {
    assert.equal(told(ready, best, fading, late, frozen), 'now fading');
    assert.equal(told(ready, best, late), 'now best');
    assert.equal(told(late, ready), 'now ready');
  });
  it('is told where nothing is good: what has rested soonest, what is frozen, what is past', () => {
    assert.equal(told(late, soon, frozen, past), 'resting soon');
    assert.equal(told(jar('icy', 'resting', [1, 2], true), past, frozen), 'frozen icy');
    assert.equal(told(past, jar('newer', 'past', [0, 3])), 'past newer');
    assert.equal(told(), undefined);
  });
});
