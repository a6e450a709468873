import type { Contender } from '@/core/taste';
import type { JarNow } from '@/store/shelf';

/** A cup that is being set up: what it was chosen to hold, if anything was, and the name of other coffee. */
export interface CupChosen {
  /** A pull, a cup of the experiment, or `OTHER`; empty where nobody chose. */
  readonly pick: string;
  readonly name: string;
}

export const OTHER = 'other';
/** The two cups of an experiment, which may be off the shelf by now. */
export const FROM_EXPERIMENT = ['experiment-a', 'experiment-b'] as const;

/** The cups with what each holds: what was chosen, else a cup of the experiment, else the next jar that no other cup holds. */
export function filledCups(
  cups: readonly CupChosen[],
  jars: readonly JarNow[],
  pair: readonly Contender[] | undefined,
): CupChosen[] {
  const chosen = new Set(cups.map(({ pick }) => pick));
  const others = jars.filter((jar) => !pair?.some((each) => isOf(each, jar)));
  const free = [...(pair ? FROM_EXPERIMENT : []), ...others.map(({ pull }) => pull.id)].filter(
    (each) => !chosen.has(each),
  );
  return cups.map((cup) => ({ ...cup, pick: cup.pick || (free.shift() ?? OTHER) }));
}

/** Whether a cup of the experiment is of this jar. */
const isOf = ({ roastId, pullId }: Contender, { named, pull }: JarNow) =>
  roastId === named.roast.id && (pullId === undefined || pullId === pull.id);

/** What is tasted of a jar that goes by `title`, or of other coffee by the name that was typed. */
export function contenderOf(jar: JarNow | undefined, typed: string, title = ''): Contender {
  if (!jar) return { name: typed.trim() };
  return { name: title.slice(0, 120), roastId: jar.named.roast.id, pullId: jar.pull.id };
}
