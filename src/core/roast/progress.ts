import type { ShadeNumber } from '../shade/index.ts';
import type { PullEntry } from './entry.ts';
import { liveEntries } from './liveEntries.ts';
import { type Milestones, milestonesOf } from './milestones.ts';
import type { Roast } from './roast.ts';
import { momentMs } from './roastClock.ts';

/** The milestones of a roast, from its log. */
export function milestonesOfRoast(roast: Pick<Roast, 'entries'>): Milestones {
  return milestonesOf(liveEntries(roast.entries));
}

/** Whether the beans, or the gear before them, are on the heat. */
export function isUnderWay(roast: Pick<Roast, 'entries'>): boolean {
  return !pullsOf(roast).some(({ all }) => all);
}

/** The pulls of a roast, in order of time. */
export function pullsOf(roast: Pick<Roast, 'entries'>): PullEntry[] {
  // Thousands of readings cannot change them.
  const some = roast.entries.filter(({ kind }) => kind === 'pull' || kind === 'undo' || kind === 'amend');
  return liveEntries(some).filter((entry) => entry.kind === 'pull');
}

/** When the last beans came out, Unix milliseconds; absent until then. */
export function pulledMs(roast: Pick<Roast, 'entries' | 'chargedAt' | 'clockShiftMs'>): number | undefined {
  const pull = pullsOf(roast).findLast(({ all }) => all);
  return pull && momentMs(roast, pull.at);
}

/** Roasted weight of all pulls, grams; absent until the last one is pulled and every one of them is weighed. */
export function roastedGrams(roast: Pick<Roast, 'entries'>): number | undefined {
  const pulls = pullsOf(roast);
  if (!pulls.some((pull) => pull.all)) return undefined;
  let sum = 0;
  for (const pull of pulls) {
    if (pull.grams === undefined) return undefined;
    sum += pull.grams;
  }
  return sum;
}

/** The shade as it turned out: that of the last pull; absent until somebody looked. */
export function finalShade(roast: Pick<Roast, 'entries'>): ShadeNumber | undefined {
  return pullsOf(roast).at(-1)?.shade;
}

/** The shade that was meant for a pull, counted from 0: that of its part of a staged pull, else that of the whole; the last pull's unless said. */
export function meantShade(
  roast: Pick<Roast, 'wantedShade' | 'plannedParts'>,
  pull = Number.POSITIVE_INFINITY,
): ShadeNumber {
  const parts = roast.plannedParts;
  return parts?.[Math.min(pull, parts.length - 1)]?.shade ?? roast.wantedShade;
}

/** The shades that were meant, one for each part of a staged pull. */
export const meantShades = ({
  wantedShade,
  plannedParts,
}: Pick<Roast, 'wantedShade' | 'plannedParts'>): ShadeNumber[] =>
  (plannedParts ?? [{ shade: wantedShade }]).map(({ shade }) => shade);

/** What a roast was meant to be, in words: “medium”; of a staged pull “light-medium, then medium-dark”. */
export const wantedWords = (
  roast: Pick<Roast, 'wantedShade' | 'plannedParts'>,
  name: (shade: ShadeNumber) => string,
): string => meantShades(roast).map(name).join(', then ');

/** How dark a roast is, as far as it is known: as it turned out, else as it was meant. */
export const shadeAsKnown = (roast: Pick<Roast, 'entries' | 'wantedShade' | 'plannedParts'>): ShadeNumber =>
  finalShade(roast) ?? meantShade(roast);
