import { type Remote, wrap } from 'comlink';
import type { JournalContract } from './contract';

let worker: Remote<JournalContract> | undefined;

/** The journal's worker, one a page, begun when it is first asked. */
export function journalWorker(): Remote<JournalContract> {
  worker ??= wrap<JournalContract>(new Worker(new URL('./journal.worker.ts', import.meta.url), { type: 'module' }));
  return worker;
}

/** Longer than anything asked here takes; then something is wrong with the worker. */
const LIMIT_MS = 30_000;

/** Waits for the worker's answer; a worker that died never settles by itself. */
export function answerOf<T>(asked: Promise<T>): Promise<T> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(
      () => reject(new Error(`The worker did not answer within ${LIMIT_MS / 1000} s.`)),
      LIMIT_MS,
    );
    asked.then(resolve, reject).finally(() => clearTimeout(timer));
  });
}
