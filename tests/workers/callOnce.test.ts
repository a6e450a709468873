import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { expose } from 'comlink';
import { callOnce, wasCancelled } from '@/workers/callOnce';

interface Sums {
  half(of: number): Promise<number>;
}

/** A port of a channel in the place of a worker: what it is asked is answered on the other side. */
function workerThat(half: (of: number) => Promise<number>) {
  const { port1, port2 } = new MessageChannel();
  expose({ half }, port2 as never);
  port1.start();
  const ended: string[] = [];
  const worker = Object.assign(port1, {
    onerror: null as ((event: { message: string }) => void) | null,
    terminate: () => {
      ended.push('ended');
      port1.close();
      port2.close();
    },
  });
  return { worker: worker as unknown as Worker, ended, fails: (message: string) => worker.onerror?.({ message }) };
}
const never = () => new Promise<number>(() => {});
const ask = (worker: Worker, limitMs?: number) => callOnce<Sums, number>(worker, (sums) => sums.half(8), limitMs);

describe('one call into a worker', () => {
  it('gives the answer and ends the worker', async () => {
    const { worker, ended } = workerThat(async (of) => of / 2);
    assert.equal(await ask(worker).result, 4);
    assert.deepEqual(ended, ['ended']);
  });
  it('passes a refusal on in its words', async () => {
    const { worker, ended } = workerThat(() => Promise.reject(new RangeError('too much')));
    await assert.rejects(ask(worker).result, /too much/);
    assert.deepEqual(ended, ['ended']);
  });
  it('settles at once when it is cancelled, as cancelled', async () => {
    const { worker, ended } = workerThat(never);
    const call = ask(worker);
    call.cancel();
    await assert.rejects(call.result, wasCancelled);
    assert.deepEqual(ended, ['ended']);
  });
  it('rejects when the worker dies, and when it takes too long', async () => {
    const dies = workerThat(never);
    const call = ask(dies.worker);
    dies.fails('out of memory');
    await assert.rejects(call.result, /out of memory/);
    const slow = workerThat(never);
    await assert.rejects(ask(slow.worker, 20).result, (reason) => !wasCancelled(reason));
    assert.deepEqual(slow.ended, ['ended']);
  });
});
