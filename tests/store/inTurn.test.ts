import assert from 'node:assert/strict';
import { it } from 'node:test';
import { inTurn } from '@/store/inTurn';

it('things are kept one write after another, all that wait in one, in their order, also past a write that fails', async () => {
  const writes: number[][] = [];
  let under = 0;
  let fails = 0;
  const queue = inTurn<number>(async (things) => {
    assert.equal(++under, 1, 'one write at a time');
    await new Promise((resolve) => setTimeout(resolve, 5));
    under--;
    if (fails-- > 0) throw new Error('no room');
    writes.push([...things]);
  });
  queue.add(1, 2);
  const first = queue.flush();
  queue.add(3);
  const second = queue.flush();
  queue.add(4);
  await Promise.all([first, second]);
  assert.deepEqual(writes, [
    [1, 2],
    [3, 4],
  ]);
  fails = 1;
  queue.add(5);
  const third = queue.flush();
  queue.add(6);
  await third;
  assert.equal(writes.length, 2, 'it waits');
  await queue.flush();
  await queue.flush();
  assert.deepEqual(writes.at(-1), [5, 6]);
});
