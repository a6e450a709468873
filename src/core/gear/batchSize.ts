import type { Gear } from './gear.ts';
import { beginsWithin, largestGramsOf, traysOf, usualGramsOf } from './gearFigures.ts';
import { methodOf } from './methods.ts';

/** What is to be said about a batch on a piece of gear. */
export type BatchVerdict =
  | { readonly kind: 'fits' }
  /** Below or above the method's range: a warning. */
  | { readonly kind: 'below' | 'above'; readonly leastGrams: number; readonly mostGrams: number }
  /** Above what this person said is the largest: asked about. */
  | { readonly kind: 'aboveLargest'; readonly largestGrams: number }
  /** So far beyond that it is a slip: 5 kg in a popper. */
  | { readonly kind: 'absurd'; readonly mostGrams: number };

/** This many times the largest batch is no batch. */
const ABSURD_TIMES = 3;

/** Judges `greenGrams` against this gear's largest batch and its method's range (handbook, table 4). */
export function judgeBatch(gear: Pick<Gear, 'method' | 'trays' | 'largestGrams'>, greenGrams: number): BatchVerdict {
  const { batchGrams } = methodOf(gear.method);
  const [least, most] = [batchGrams.least, batchGrams.most * traysOf(gear)];
  const largestGrams = largestGramsOf(gear);
  if (greenGrams > ABSURD_TIMES * Math.max(largestGrams, most)) return { kind: 'absurd', mostGrams: largestGrams };
  if (gear.largestGrams !== undefined && greenGrams > gear.largestGrams) return { kind: 'aboveLargest', largestGrams };
  if (greenGrams < least) return { kind: 'below', leastGrams: least, mostGrams: most };
  return greenGrams > most ? { kind: 'above', leastGrams: least, mostGrams: most } : { kind: 'fits' };
}

/** Roasts after which a person knows what their gear takes. */
const KNOWN_AFTER = 5;
/** A small step up: a tenth of the usual batch, in whole fives. */
const STEP_SHARE = 0.1;

/**
 * The batch to try next on fresh gear, grams of green: the usual one first, then small steps while the beans still move
 * freely, never within a tenth of the largest. Undefined once the gear is known or there is no step left (handbook, section 12: stay within the rating).
 */
export function nextBatchToTry(
  gear: Pick<Gear, 'method' | 'trays' | 'usualGrams' | 'largestGrams'>,
  earlierGreenGrams: readonly number[],
): { readonly grams: number; readonly stepGrams: number } | undefined {
  if (earlierGreenGrams.length >= KNOWN_AFTER) return undefined;
  const begin = usualGramsOf(gear);
  const stepGrams = Math.max(5, Math.round((begin * STEP_SHARE) / 5) * 5);
  const largest = Math.max(...earlierGreenGrams, 0);
  if (largest === 0) return { grams: Math.min(begin, beginsWithin(gear)), stepGrams };
  const grams = Math.min(largest + stepGrams, beginsWithin(gear));
  return grams > largest ? { grams, stepGrams } : undefined;
}
