import { type Remote, wrap } from 'comlink';
import type { JournalContract } from './contract';

let worker: Worker | undefined;
let contract: Remote<JournalContract> | undefined;
let unanswered = 0;

/** The journal's worker, one a page, begun when it is first asked. */
export function journalWorker(): Remote<JournalContract> {
  worker ??= new Worker(new URL('./journal.worker.ts', import.meta.url), { type: 'module' });
  contract ??= wrap<JournalContract>(worker);
  return contract;
}

// It reads the database too, and a frozen page must not hold a read open (store/openTransactions.ts).
if ('window' in globalThis) {
  window.addEventListener('pagehide', () => {
    worker?.terminate();
    worker = undefined;
    contract = undefined;
  });
  window.addEventListener('pageshow', ({ persisted }) => {
    if (persisted && unanswered > 0) location.reload();
  });
}

/** Longer than anything asked here takes; then something is wrong with the worker. */
const LIMIT_MS = 30_000;

/** Waits for the worker's answer; a worker that died never settles by itself. */
export function answerOf<T>(asked: Promise<T>): Promise<T> {
  unanswered++;
  return new Promise<T>((resolve, reject) => {
    const timer = setTimeout(
      () => reject(new Error(`The worker did not answer within ${LIMIT_MS / 1000} s.`)),
      LIMIT_MS,
    );
    asked.then(resolve, reject).finally(() => clearTimeout(timer));
  }).finally(() => unanswered--);
}
