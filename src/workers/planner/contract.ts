import type { Job, Schedule, Standing } from '@/core/plan';

/** What the planner's worker does. Only plain data crosses. */
export interface PlannerContract {
  bestOrder(jobs: readonly Job[], standing?: Standing): Schedule;
}
