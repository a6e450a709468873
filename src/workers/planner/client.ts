import type { Job, Schedule, Standing } from '@/core/plan';
import { callOnce, type OneCall } from '../callOnce';
import type { PlannerContract } from './contract';

/** Looks for the shortest order of a day in a worker of its own. */
export function searchBestOrder(jobs: readonly Job[], standing: Standing): OneCall<Schedule> {
  const worker = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });
  return callOnce<PlannerContract, Schedule>(worker, (planner) => planner.bestOrder(jobs, standing));
}
