import { wrap } from 'comlink';
import type { Job, Schedule, Standing } from '@/core/plan';
import type { PlannerContract } from './contract';

/** The search for the best order, with the way to stop it. */
export interface Search {
  readonly result: Promise<Schedule>;
  readonly cancel: () => void;
}

/** Longer than any day of batches takes; then something is wrong with the worker. */
const LIMIT_MS = 20_000;

/** Looks for the shortest order of a day in a worker of its own. A worker that dies or takes too long rejects. */
export function searchBestOrder(jobs: readonly Job[], standing: Standing): Search {
  const worker = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });
  const planner = wrap<PlannerContract>(worker);
  const result = new Promise<Schedule>((resolve, reject) => {
    const timer = setTimeout(
      () => reject(new Error(`The planner did not answer within ${LIMIT_MS / 1000} s.`)),
      LIMIT_MS,
    );
    // Across comlink a call to a worker that died never settles, so its own events are listened to.
    worker.onerror = (event) => reject(new Error(event.message));
    worker.onmessageerror = () => reject(new Error('The planner’s answer could not be read.'));
    planner
      .bestOrder(jobs, standing)
      .then(resolve, reject)
      .finally(() => clearTimeout(timer));
  }).finally(() => worker.terminate());
  return { result, cancel: () => worker.terminate() };
}
