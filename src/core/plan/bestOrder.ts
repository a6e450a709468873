import { HANDLING_S, type Job, type Schedule, type Standing, scheduleInOrder } from './schedule.ts';

const AT_REST: Standing = { personFreeS: 0, gearReadyS: {} };

/**
 * The order of batches that ends soonest, with its times; among equals, the one nearest to the order given. Exact: a
 * depth-first search over all orders, cut off where even the best continuation ends no sooner. Batches that are alike
 * keep their order among themselves. Ten batches are searched through in well under a second.
 */
export function bestOrder(jobs: readonly Job[], standing: Standing = AT_REST): Schedule {
  if (jobs.length === 0) return scheduleInOrder([], standing);
  const search = new Search(jobs, standing);
  search.visit([], standing.personFreeS, { ...standing.gearReadyS }, new Set());
  return scheduleInOrder(search.best, standing);
}

class Search {
  best: readonly Job[];
  private bestEndS: number;

  constructor(
    private readonly jobs: readonly Job[],
    standing: Standing,
  ) {
    this.best = jobs;
    this.bestEndS = scheduleInOrder(jobs, standing).endS;
  }

  visit(order: readonly Job[], freeS: number, readyS: Record<string, number>, used: Set<Job>): void {
    if (order.length === this.jobs.length) {
      if (freeS < this.bestEndS - TIE_S) {
        this.best = order;
        this.bestEndS = freeS;
      }
      return;
    }
    if (this.boundS(freeS, readyS, used) >= this.bestEndS - TIE_S) return;
    for (const job of this.jobs) {
      if (
        used.has(job) ||
        this.jobs.some((twin) => twin !== job && !used.has(twin) && comesFirst(twin, job, this.jobs))
      )
        continue;
      const startS = Math.max(freeS, job.hotStart ? 0 : (readyS[job.gearId] ?? 0));
      const before = readyS[job.gearId];
      readyS[job.gearId] = startS + job.roastS + job.coolS;
      used.add(job);
      this.visit([...order, job], startS + job.roastS + HANDLING_S, readyS, used);
      used.delete(job);
      if (before === undefined) delete readyS[job.gearId];
      else readyS[job.gearId] = before;
    }
  }

  /** No order of what is left ends sooner: the person's work alone, and each gear's work with its cooling alone. */
  private boundS(freeS: number, readyS: Record<string, number>, used: ReadonlySet<Job>): number {
    const left = this.jobs.filter((job) => !used.has(job));
    let bound = left.reduce((sum, job) => sum + job.roastS + HANDLING_S, freeS);
    for (const gearId of new Set(left.map((job) => job.gearId))) {
      const own = left.filter((job) => job.gearId === gearId);
      const hot = own.filter((job) => job.hotStart).length;
      const cools = own.map((job) => job.coolS).sort((a, b) => a - b);
      // Between n batches lie n − 1 coolings, fewer where one starts hot; the person then needs time for the last.
      const cooling = cools.slice(0, Math.max(0, own.length - 1 - hot)).reduce((sum, each) => sum + each, 0);
      const roasting = own.reduce((sum, job) => sum + job.roastS, 0);
      const from = hot > 0 ? freeS : Math.max(freeS, readyS[gearId] ?? 0);
      bound = Math.max(bound, from + roasting + cooling + HANDLING_S);
    }
    return bound;
  }
}

/** Orders that end within a second of each other are equal: the one given is kept. */
const TIE_S = 1;

/** Of two batches alike the one given first goes first; which of them is which makes no difference to the day. */
function comesFirst(twin: Job, job: Job, jobs: readonly Job[]): boolean {
  return (
    twin.gearId === job.gearId &&
    twin.roastS === job.roastS &&
    twin.coolS === job.coolS &&
    Boolean(twin.hotStart) === Boolean(job.hotStart) &&
    jobs.indexOf(twin) < jobs.indexOf(job)
  );
}
