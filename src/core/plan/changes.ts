import { ruleAsDone } from '../experiment/index.ts';
import { liveEntries, meantShade, type PlannedMove, type PullRule, type Roast } from '../roast/index.ts';
import type { ShadeNumber } from '../shade/index.ts';

/** One way in which a plan differs from an earlier roast. */
export type Difference =
  | { readonly kind: 'lot' }
  | { readonly kind: 'gear' }
  | { readonly kind: 'grams'; readonly byGrams: number }
  | { readonly kind: 'shade'; readonly from: ShadeNumber; readonly to: ShadeNumber }
  | { readonly kind: 'rule'; readonly rule: PullRule }
  | { readonly kind: 'move'; readonly move: PlannedMove }
  | { readonly kind: 'place'; readonly place: Roast['place'] };

/** A batch is weighed to a few grams; less of a difference is none. */
const SAME_SHARE = 0.03;

type Planned = Pick<Roast, 'lotId' | 'gearId' | 'greenGrams' | 'wantedShade' | 'place' | 'pullRule' | 'plannedMoves'>;

/**
 * What is planned otherwise than in `last` was done, weightiest first: beans, gear, amount, shade, pull rule, moves that were not
 * made then, place. Empty when it is the same again.
 */
export function differencesFrom(last: Roast, planned: Planned): Difference[] {
  const made = liveEntries(last.entries).flatMap((entry) => (entry.kind === 'move' ? [entry] : []));
  const byGrams = planned.greenGrams - last.greenGrams;
  const [meant, rule] = [meantShade(last), ruleAsDone(last)];
  const found: (Difference | false)[] = [
    planned.lotId !== last.lotId && { kind: 'lot' },
    planned.gearId !== last.gearId && { kind: 'gear' },
    Math.abs(byGrams) > last.greenGrams * SAME_SHARE && { kind: 'grams', byGrams },
    planned.wantedShade !== meant && { kind: 'shade', from: meant, to: planned.wantedShade },
    planned.pullRule !== undefined &&
      rule !== undefined &&
      !isSameRule(planned.pullRule, rule) && { kind: 'rule', rule: planned.pullRule },
    ...(planned.plannedMoves ?? []).map(
      (move) =>
        !made.some((entry) => entry.control === move.control && entry.value === move.value) &&
        ({ kind: 'move', move } as const),
    ),
    planned.place !== last.place && { kind: 'place', place: planned.place },
  ];
  return found.filter((each) => each !== false);
}

/** Pulled this close to a rule is by it, seconds. */
const SAME_RULE_S = 5;

function isSameRule(a: PullRule, b: PullRule): boolean {
  if ('seconds' in a && 'seconds' in b) return a.kind === b.kind && Math.abs(a.seconds - b.seconds) < SAME_RULE_S;
  return JSON.stringify(a) === JSON.stringify(b);
}
