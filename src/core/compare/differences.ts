import type { Written } from '../household/index.ts';
import {
  type Milestone,
  milestoneNames,
  type StretchName,
  shownApartS,
  shownLengthS,
  stretchesOf,
  stretchNames,
} from '../roast/index.ts';
import { formatClock } from '../units/index.ts';
import type { RoastFigures } from './figures.ts';

/** One figure in which a roast differs from another, later minus earlier. */
export type FigureDifference = { readonly weight: number } & (
  | { readonly kind: 'milestone'; readonly milestone: Milestone; readonly byS: number }
  | { readonly kind: 'stretch'; readonly stretch: StretchName; readonly byS: number }
  | { readonly kind: 'loss'; readonly byPoints: number }
  | { readonly kind: 'shade'; readonly bySteps: number }
  | { readonly kind: 'grams'; readonly byGrams: number }
  | { readonly kind: 'ambient'; readonly byC: number }
  | { readonly kind: 'hot'; readonly now: boolean }
  | { readonly kind: 'gear' }
  | { readonly kind: 'lot' }
);

/** How large a difference is one: what is smaller is left out; and what counts as one unit of weight. */
const UNIT = { timeShare: 0.05, leastS: 5, lossPoints: 0.5, gramsShare: 0.05, ambientC: 4 } as const;

/**
 * What differs in `other` from `base`, weightiest first: each figure in units of what is noticed (5 % of a time, half a
 * point of loss, a shade). A figure that one of them lacks is left out.
 */
export function differencesBetween(base: RoastFigures, other: RoastFigures): FigureDifference[] {
  const found: FigureDifference[] = [];
  const time = (fromS: number, byS: number) => Math.abs(byS) / Math.max(UNIT.leastS, fromS * UNIT.timeShare);
  for (const milestone of ['firstCrack', 'pull'] as const) {
    const [a, b] = [base.reached[milestone], other.reached[milestone]];
    if (a === undefined || b === undefined) continue;
    const byS = shownApartS(a, b);
    found.push({ kind: 'milestone', milestone, byS, weight: time(a, byS) });
  }
  const before = new Map(stretchesOf(base.reached).map((each) => [each.name, shownLengthS(each)]));
  for (const each of stretchesOf(other.reached)) {
    const was = before.get(each.name);
    if (was === undefined) continue;
    const byS = shownLengthS(each) - was;
    found.push({ kind: 'stretch', stretch: each.name, byS, weight: time(was, byS) });
  }
  const both = <T>(a: T | undefined, b: T | undefined, say: (a: T, b: T) => FigureDifference) => {
    if (a !== undefined && b !== undefined) found.push(say(a, b));
  };
  both(base.lossPercent, other.lossPercent, (a, b) => ({
    kind: 'loss',
    byPoints: b - a,
    weight: Math.abs(b - a) / UNIT.lossPoints,
  }));
  both(base.shade, other.shade, (a, b) => ({ kind: 'shade', bySteps: b - a, weight: Math.abs(b - a) * 2 }));
  both(base.ambientC, other.ambientC, (a, b) => ({
    kind: 'ambient',
    byC: b - a,
    weight: Math.abs(b - a) / UNIT.ambientC,
  }));
  const byGrams = other.greenGrams - base.greenGrams;
  found.push({ kind: 'grams', byGrams, weight: Math.abs(byGrams) / (base.greenGrams * UNIT.gramsShare) });
  if (base.gearHot !== other.gearHot) found.push({ kind: 'hot', now: other.gearHot, weight: 3 });
  if (base.gearId !== other.gearId) found.push({ kind: 'gear', weight: 8 });
  if (base.lotId !== other.lotId) found.push({ kind: 'lot', weight: 7 });
  return found.filter(({ weight }) => weight >= 1).sort((a, b) => b.weight - a.weight);
}

/** A difference in words: "first crack 0:48 later", "loss 1.3 points higher". */
export function differenceSentence(each: FigureDifference, written: Pick<Written, 'weight' | 'degrees'>): string {
  switch (each.kind) {
    case 'milestone':
      return `${milestoneNames[each.milestone]} ${laterWords(each.byS)}`;
    case 'stretch':
      return `${stretchNames[each.stretch]} ${lasting(each.byS)} ${each.byS > 0 ? 'longer' : 'shorter'}`;
    case 'loss':
      return `loss ${Math.abs(each.byPoints).toFixed(1)} points ${each.byPoints > 0 ? 'higher' : 'lower'}`;
    case 'shade':
      return `${Math.abs(each.bySteps) === 1 ? 'a shade' : `${Math.abs(each.bySteps)} shades`} ${each.bySteps > 0 ? 'darker' : 'lighter'}`;
    case 'grams':
      return `${written.weight(Math.abs(each.byGrams))} ${each.byGrams > 0 ? 'more' : 'less'} green`;
    case 'ambient':
      return `${written.degrees(Math.abs(each.byC))} ${each.byC > 0 ? 'warmer' : 'colder'} around it`;
    case 'hot':
      return each.now ? 'begun in hot gear' : 'begun in cold gear';
    case 'gear':
      return 'in other gear';
    case 'lot':
      return 'of other beans';
  }
}

/** So much later, or earlier: “48 s later”, “1:08 earlier”. */
export const laterWords = (byS: number): string => `${lasting(byS)} ${byS > 0 ? 'later' : 'earlier'}`;

/** Under a minute in seconds, above as a clock. */
function lasting(seconds: number): string {
  const whole = Math.round(Math.abs(seconds));
  return whole < 60 ? `${whole} s` : formatClock(whole);
}
