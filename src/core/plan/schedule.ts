/** One batch to be scheduled. Times in seconds. */
export interface Job {
  readonly id: string;
  readonly gearId: string;
  /** From the beans going in to the pull. */
  readonly roastS: number;
  /** From the pull until this gear may take the next batch. */
  readonly coolS: number;
  /** Into hot gear on purpose: this batch does not wait for the gear to cool. */
  readonly hotStart?: boolean;
}

/** A batch with its place in the day, seconds from its beginning. */
export interface Slot {
  readonly id: string;
  readonly gearId: string;
  readonly startS: number;
  readonly pullS: number;
  /** Until the beans are cool and weighed and the person is free. */
  readonly freeS: number;
  /** What the start waits for. */
  readonly waitsFor: 'nothing' | 'person' | 'gear';
}

/** The times of a day, in an order. */
export interface Schedule {
  readonly slots: readonly Slot[];
  /** When the last batch is cool and weighed. */
  readonly endS: number;
}

/** How things stand when the plan is made: before the day nothing is, later gear may be hot and the person busy. */
export interface Standing {
  readonly personFreeS: number;
  readonly gearReadyS: Readonly<Record<string, number>>;
}

const AT_REST: Standing = { personFreeS: 0, gearReadyS: {} };

/** After the pull somebody cools, blows off chaff, weighs and weighs out the next: handbook, section 2, step 9 to 10. */
export const HANDLING_S = 300;

/**
 * The times that follow from an order: one attended roast at a time, gear cools between its batches unless the next is to
 * start hot. Each batch starts as soon as person and gear allow.
 */
export function scheduleInOrder(jobs: readonly Job[], standing: Standing = AT_REST): Schedule {
  let personFreeS = standing.personFreeS;
  const gearReadyS: Record<string, number> = { ...standing.gearReadyS };
  const slots = jobs.map((job): Slot => {
    const ready = job.hotStart ? 0 : (gearReadyS[job.gearId] ?? 0);
    const startS = Math.max(personFreeS, ready);
    const pullS = startS + job.roastS;
    const waitsFor = ready > personFreeS ? 'gear' : startS > 0 ? 'person' : 'nothing';
    personFreeS = pullS + HANDLING_S;
    gearReadyS[job.gearId] = pullS + job.coolS;
    return { id: job.id, gearId: job.gearId, startS, pullS, freeS: personFreeS, waitsFor };
  });
  return { slots, endS: personFreeS };
}
