import { DAY_MS } from '../units/index.ts';
import type { Household } from './household.ts';

/** Roasted coffee for one mug as this household brews, grams. */
export function mugGrams({ mugMl, gramsPerLitre }: Pick<Household, 'mugMl' | 'gramsPerLitre'>): number {
  return (mugMl / 1000) * gramsPerLitre;
}

/** So many mugs are in a weight of roasted coffee, to the nearest. */
export function mugsIn(roastedGrams: number, household: Pick<Household, 'mugMl' | 'gramsPerLitre'>): number {
  return Math.round(roastedGrams / mugGrams(household));
}

/** Roasted coffee that the whole household uses a day, grams. */
export function gramsADay({ people, gramsPerPersonDay }: Pick<Household, 'people' | 'gramsPerPersonDay'>): number {
  return people * gramsPerPersonDay;
}

/**
 * Roasted coffee that the household uses on one of its days, grams: as it was then, none while it is away, and what
 * guests drink besides.
 */
export function gramsOnDay(household: Household, day: string): number {
  const { guests, away } = household.ahead ?? { guests: [], away: [] };
  const covers = ({ from, to }: { readonly from: string; readonly to: string }) => day >= from && day <= to;
  const usual = household.useBefore?.find(({ until }) => day < until)?.grams ?? gramsADay(household);
  const more = guests.filter(covers).reduce((grams, each) => grams + each.grams / daysOf(each), 0);
  return (away.some(covers) ? 0 : usual) + more;
}

/** Days of a span, both ends counted. */
function daysOf({ from, to }: { readonly from: string; readonly to: string }): number {
  return Math.max(1, Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS) + 1);
}

const MOST_CHANGES = 100;

/** Keeps what the household used until `today`, where a change of its settings changes that. */
export function withUseKept(before: Household, after: Household, today: string): Household {
  const [was, is] = [gramsADay(before), gramsADay(after)];
  if (was === is) return after;
  // Before somebody first said it nothing was known; of several changes on a day the last one counts.
  const wasUsed = before.useSince !== undefined && before.useSince < today;
  const kept = wasUsed ? [...(before.useBefore ?? []), { until: today, grams: was }] : before.useBefore;
  return { ...after, useSince: today, ...(kept ? { useBefore: kept.slice(-MOST_CHANGES) } : {}) };
}
