import { type Remote, wrap } from 'comlink';

/** One call into a worker of its own, with the way to stop it. */
export interface OneCall<T> {
  readonly result: Promise<T>;
  readonly cancel: () => void;
}

/** Longer than nearly anything asked here takes; then something is wrong with the worker. */
const LIMIT_MS = 20_000;

/**
 * Makes one call and ends the worker. A worker that dies or takes too long rejects, since comlink alone would never settle;
 * a call that is cancelled rejects at once, with an AbortError.
 */
export function callOnce<Contract, T>(
  worker: Worker,
  call: (contract: Remote<Contract>) => Promise<T>,
  limitMs = LIMIT_MS,
): OneCall<T> {
  const { promise, resolve, reject } = withResolvers<T>();
  const timer = setTimeout(() => reject(new Error(`The worker did not answer within ${limitMs / 1000} s.`)), limitMs);
  worker.onerror = (event) => reject(new Error(event.message));
  worker.onmessageerror = () => reject(new Error('The worker’s answer could not be read.'));
  call(wrap<Contract>(worker)).then(resolve, reject);
  const result = promise.finally(() => {
    clearTimeout(timer);
    worker.terminate();
  });
  return { result, cancel: () => reject(new DOMException('It is not wanted any more.', 'AbortError')) };
}

/** Not every browser that Gander runs in has `Promise.withResolvers`. */
function withResolvers<T>() {
  let settle: { resolve: (value: T) => void; reject: (reason: unknown) => void } | undefined;
  const promise = new Promise<T>((resolve, reject) => {
    settle = { resolve, reject };
  });
  return { promise, ...(settle as NonNullable<typeof settle>) };
}

/** Whether a call ended because it was cancelled: then there is nothing to show. */
export const wasCancelled = (reason: unknown): boolean => (reason as Error | undefined)?.name === 'AbortError';
