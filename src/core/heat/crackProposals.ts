import { crackOnsets, type LiveEntry, type Milestones, tappedCracks } from '../roast/index.ts';

/** A milestone that the taps speak for and that nobody has marked. */
export interface CrackProposal {
  readonly milestone: 'firstCrack' | 'firstCrackEnd' | 'secondCrack';
  readonly atS: number;
}

/** What the taps propose at `nowS`, the first that is due; undefined when they propose nothing. Lone pops never do. */
export function crackProposal(
  live: readonly LiveEntry[],
  reached: Milestones,
  nowS: number,
): CrackProposal | undefined {
  if (reached.pull !== undefined) return undefined;
  const first = crackOnsets('first', tappedCracks(live, 'first'), nowS);
  if (reached.firstCrack === undefined)
    return first.rollingS === undefined ? undefined : { milestone: 'firstCrack', atS: first.rollingS };
  const second = crackOnsets('second', tappedCracks(live, 'second'), nowS);
  if (reached.secondCrack === undefined && second.rollingS !== undefined)
    return { milestone: 'secondCrack', atS: second.rollingS };
  const over = first.endS !== undefined && first.endS > reached.firstCrack ? first.endS : undefined;
  if (reached.firstCrackEnd === undefined && reached.secondCrack === undefined && over !== undefined)
    return { milestone: 'firstCrackEnd', atS: over };
  return undefined;
}

/** A quiet gap of so long after first crack makes the next crack a snap of second; common roasting knowledge. */
const GAP_S = 20;

/**
 * Whether the crack that is tapped at `nowS` is a pop of first or a snap of second: by what was marked, else by the
 * quiet gap since the last pop or, where nobody tapped, since first crack was marked. `secondEarlyS` is the early end of
 * second crack's forecast: before it, without pops that rolled, a gap says nothing.
 */
export function kindOfCrack(
  live: readonly LiveEntry[],
  reached: Milestones,
  nowS: number,
  secondEarlyS = Number.POSITIVE_INFINITY,
): 'first' | 'second' {
  if (reached.secondCrack !== undefined || reached.firstCrackEnd !== undefined) return 'second';
  if (reached.firstCrack === undefined) return 'first';
  if (tappedCracks(live, 'second').length > 0) return 'second';
  const pops = tappedCracks(live, 'first');
  const quietS = nowS - Math.max(reached.firstCrack, pops.at(-1) ?? 0);
  const rolled = crackOnsets('first', pops, nowS).rollingS !== undefined;
  return quietS >= GAP_S && (rolled || nowS >= secondEarlyS) ? 'second' : 'first';
}

/** Cracks that the gap alone made snaps, while nobody marked second crack or the end of first. */
export function guessedSnaps(live: readonly LiveEntry[], reached: Milestones): LiveEntry[] {
  if (reached.secondCrack !== undefined || reached.firstCrackEnd !== undefined || reached.pull !== undefined) return [];
  return live.filter((entry) => entry.kind === 'crack' && entry.crack === 'second' && entry.source !== 'microphone');
}
