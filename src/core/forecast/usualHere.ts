import { methodOf, type UsualSeconds } from '../gear/index.ts';
import type { Milestones } from '../roast/index.ts';
import { shadeOf } from '../shade/index.ts';
import { forecastFrom } from './forecast.ts';
import type { Expectation } from './question.ts';

/** What is usual for a roast here: on this gear where it has roasts, else on the method. Seconds from charge. */
export interface UsualHere {
  readonly yellow: UsualSeconds;
  readonly firstCrack: UsualSeconds;
  /** Later than this nobody pulls, whether anything was marked or not. */
  readonly latestPullS: number;
  /** Whether the gear's own roasts say so. */
  readonly own: boolean;
}

/** From so many roasts on the gear's own latest stands before the method's; a fifth beyond its late end is room. */
export const KNOWN_FROM = 3;
const ROOM = 1.2;

/**
 * The usual times that the clock alone is held against. With few roasts the method's range is the floor: the first
 * roasts on new gear may well be slow. A late yellow makes a late first crack usual. Source: handbook, sections 4 and 14;
 * table 5 for the shades.
 */
export function usualHere(expectation: Expectation, { yellow }: Milestones = {}): UsualHere {
  const { question, usualTimes, fromRoasts } = expectation;
  const method = methodOf(question.method);
  const own = fromRoasts > 0;
  const wide = (mine: UsualSeconds, table: UsualSeconds): UsualSeconds =>
    own ? mine : { ...mine, earlyS: Math.min(mine.earlyS, table.earlyS), lateS: Math.max(mine.lateS, table.lateS) };
  const { firstCrack, pull } = method;
  const fromYellow = yellow === undefined ? undefined : forecastFrom(expectation, { yellow }, yellow);
  const cracksBy = fromYellow?.find(({ milestone }) => milestone === 'firstCrack')?.lateS ?? 0;
  const crack = wide(usualTimes.firstCrack, firstCrack);
  const latestByMethod = firstCrack.lateS + (pull.lateS - firstCrack.lateS) * shadeOf(question.shade).afterCrackShare;
  return {
    yellow: wide(usualTimes.yellow, method.yellow),
    firstCrack: { ...crack, lateS: Math.max(crack.lateS, cracksBy) },
    latestPullS:
      fromRoasts >= KNOWN_FROM
        ? Math.min(latestByMethod, usualTimes.pull.lateS * ROOM)
        : Math.max(latestByMethod, usualTimes.pull.lateS),
    own,
  };
}
