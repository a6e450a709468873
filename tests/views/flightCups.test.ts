import assert from 'node:assert/strict';
import { it } from 'node:test';
import type { Contender } from '@/core/taste';
import type { JarNow } from '@/store/shelf';
import { filledCups } from '@/views/taste/flightCups';

it('cups that nobody chose for hold the experiment’s two, then jars that no other cup holds, then other coffee', () => {
  const jar = (roast: string, pull: string) => ({ named: { roast: { id: roast } }, pull: { id: pull } }) as JarNow;
  const jars = [jar('roast:a', 'p1'), jar('roast:b', 'p2'), jar('roast:b', 'p3')];
  const cups = (...picks: string[]) => picks.map((pick) => ({ pick, name: '' }));
  const held = (picks: string[], pair?: Contender[]) => filledCups(cups(...picks), jars, pair).map(({ pick }) => pick);
  assert.deepEqual(held(['', '']), ['p1', 'p2']);
  assert.deepEqual(held(['p2', '', '', '']), ['p2', 'p1', 'p3', 'other']);
  assert.deepEqual(held(['', 'p1']), ['p2', 'p1']);
  // One cup of the experiment is a part of a roast, the other a whole roast: neither is proposed a second time.
  const pair = [
    { name: 'A', roastId: 'roast:b', pullId: 'p2' },
    { name: 'B', roastId: 'roast:a' },
  ] as unknown as Contender[];
  assert.deepEqual(held(['', '', '', ''], pair), ['experiment-a', 'experiment-b', 'p3', 'other']);
  assert.deepEqual(held(['', 'experiment-a'], pair), ['experiment-b', 'experiment-a']);
});
