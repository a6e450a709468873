/** Things that wait to be kept. */
export interface InTurn<T> {
  readonly add: (...things: readonly T[]) => void;
  /** Keeps all that waits, if nothing is being kept at the moment; what comes meanwhile follows. */
  readonly flush: () => Promise<void>;
}

/** Keeps things one write after another, all that wait in one; what could not be kept waits for the next flush, before what came since. */
export function inTurn<T>(keep: (things: readonly T[]) => Promise<void>): InTurn<T> {
  let waiting: T[] = [];
  let isKeeping = false;
  return {
    add: (...things) => {
      waiting.push(...things);
    },
    async flush() {
      if (isKeeping) return;
      isKeeping = true;
      while (waiting.length > 0) {
        const now = waiting;
        waiting = [];
        const isKept = await keep(now).then(
          () => true,
          () => false,
        );
        if (isKept) continue;
        // The roast may be changing in another tab at this moment.
        waiting = [...now, ...waiting];
        break;
      }
      isKeeping = false;
    },
  };
}
