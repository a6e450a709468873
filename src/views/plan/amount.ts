import { type Gear, largestGramsOf } from '@/core/gear';
import {
  type Amount,
  type AmountOf,
  type BatchPlan,
  type LossEstimate,
  planForGreen,
  planForRoasted,
} from '@/core/plan';

/** What the amount in the sentence means. */
export type AmountKind = 'green' | 'roasted' | 'byDay' | 'useUp' | 'asLast' | 'taste';

/** How each stands in the sentence, behind the weight. */
export const amountNames = {
  green: 'green',
  roasted: 'for the jar',
  byDay: 'for the jar by',
  useUp: 'green, all that is left,',
  asLast: 'green, as last time,',
  taste: 'green, to try,',
} as const satisfies Record<AmountKind, string>;
export const amountKinds = Object.keys(amountNames) as AmountKind[];

/** Enough to learn what a bean does without much of it. */
export const TASTE_GRAMS = 30;

/** The weight that a kind stands for by itself; undefined where the person types it. */
export function fixedGrams(
  kind: AmountKind,
  known: { readonly leftGrams: number; readonly lastGrams: number | undefined },
): number | undefined {
  switch (kind) {
    case 'useUp':
      return known.leftGrams > 0 ? known.leftGrams : undefined;
    case 'asLast':
      return known.lastGrams;
    case 'taste':
      return TASTE_GRAMS;
    case 'green':
    case 'roasted':
    case 'byDay':
      return undefined;
  }
}

/** What a weight alone means behind each kind. */
export function amountOf(kind: AmountKind): AmountOf {
  return kind === 'roasted' || kind === 'byDay' ? 'roasted' : 'green';
}

/** The batches: green as typed is one, everything else is split into as few equal ones as the gear takes. */
export function batchesFor(kind: AmountKind, { grams, of }: Amount, gear: Gear, loss: LossEstimate): BatchPlan {
  if (of === 'roasted') return planForRoasted(grams, largestGramsOf(gear), loss);
  switch (kind) {
    case 'useUp':
      return planForGreen(grams, largestGramsOf(gear), loss);
    case 'green':
    case 'roasted':
    case 'byDay':
    case 'asLast':
    case 'taste':
      return planForGreen(grams, grams, loss);
  }
}
