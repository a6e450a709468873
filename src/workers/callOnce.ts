import { type Remote, wrap } from 'comlink';

/** One call into a worker of its own, with the way to stop it. */
export interface OneCall<T> {
  readonly result: Promise<T>;
  readonly cancel: () => void;
}

/** Longer than nearly anything asked here takes; then something is wrong with the worker. */
const LIMIT_MS = 20_000;

/** Makes one call and ends the worker. A worker that dies or takes too long rejects, since comlink alone would never settle. */
export function callOnce<Contract, T>(
  worker: Worker,
  call: (contract: Remote<Contract>) => Promise<T>,
  limitMs = LIMIT_MS,
): OneCall<T> {
  const result = new Promise<T>((resolve, reject) => {
    const timer = setTimeout(() => reject(new Error(`The worker did not answer within ${limitMs / 1000} s.`)), limitMs);
    worker.onerror = (event) => reject(new Error(event.message));
    worker.onmessageerror = () => reject(new Error('The worker’s answer could not be read.'));
    call(wrap<Contract>(worker))
      .then(resolve, reject)
      .finally(() => clearTimeout(timer));
  }).finally(() => worker.terminate());
  return { result, cancel: () => worker.terminate() };
}
