import { crackOnsets, type LiveEntry, type Milestones } from '../roast/index.ts';

/** A milestone that the taps speak for and that nobody has marked. */
export interface CrackProposal {
  readonly milestone: 'firstCrack' | 'firstCrackEnd' | 'secondCrack';
  readonly atS: number;
}

const timesOf = (live: readonly LiveEntry[], crack: 'first' | 'second') =>
  live.flatMap((entry) => (entry.kind === 'crack' && entry.crack === crack ? [entry.at] : []));

/** What the taps propose at `nowS`, the first that is due; undefined when they propose nothing. Lone pops never do. */
export function crackProposal(
  live: readonly LiveEntry[],
  reached: Milestones,
  nowS: number,
): CrackProposal | undefined {
  if (reached.pull !== undefined) return undefined;
  const first = crackOnsets('first', timesOf(live, 'first'), nowS);
  if (reached.firstCrack === undefined)
    return first.rollingS === undefined ? undefined : { milestone: 'firstCrack', atS: first.rollingS };
  const second = crackOnsets('second', timesOf(live, 'second'), nowS);
  if (reached.secondCrack === undefined && second.rollingS !== undefined)
    return { milestone: 'secondCrack', atS: second.rollingS };
  const over = first.endS !== undefined && first.endS > reached.firstCrack ? first.endS : undefined;
  if (reached.firstCrackEnd === undefined && reached.secondCrack === undefined && over !== undefined)
    return { milestone: 'firstCrackEnd', atS: over };
  return undefined;
}

/** A quiet gap of so long after first crack makes the next crack a snap of second; common roasting knowledge. */
const GAP_S = 20;

/** Whether the crack that is tapped at `nowS` is a pop of first or a snap of second. */
export function kindOfCrack(live: readonly LiveEntry[], reached: Milestones, nowS: number): 'first' | 'second' {
  if (reached.secondCrack !== undefined || reached.firstCrackEnd !== undefined) return 'second';
  const last = timesOf(live, 'first').at(-1);
  const rolled =
    reached.firstCrack !== undefined && crackOnsets('first', timesOf(live, 'first'), nowS).rollingS !== undefined;
  const snapping = timesOf(live, 'second').length > 0;
  return rolled && (snapping || (last !== undefined && nowS - last >= GAP_S)) ? 'second' : 'first';
}
