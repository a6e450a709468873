import assert from 'node:assert/strict';
import { it } from 'node:test';
import { startedAhead } from '@/workers/startedAhead';

it('one worker waits at the most, is taken once, and is none where it does not begin', () => {
  let started = 0;
  const { makeReady, take } = startedAhead(() => ({ number: ++started, onerror: null }) as unknown as Worker);
  const number = (worker: Worker | undefined) => (worker as unknown as { number: number } | undefined)?.number;
  assert.equal(number(take()), 1, 'nothing waited');
  const waiting = makeReady();
  assert.deepEqual([number(waiting), makeReady(), number(take()), number(take())], [2, undefined, 2, 3]);
  const broken = makeReady();
  broken?.onerror?.(new Event('error') as ErrorEvent);
  assert.deepEqual([number(broken), number(take())], [4, 5]);
});
