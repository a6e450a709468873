import type { Control } from './controls.ts';
import type { Gear } from './gear.ts';
import { methodOf } from './methods.ts';

/** What can be changed on this piece: its own list, else its method's; of gear that is not known, what any may have. */
export function controlsOf(gear: Pick<Gear, 'method' | 'controls'> | undefined): readonly Control[] {
  return gear?.controls ?? methodOf(gear?.method ?? 'other').controls;
}

/** How many trays go in at once; each takes a batch of its method's size. */
export function traysOf({ method, trays }: Pick<Gear, 'method' | 'trays'>): 1 | 2 {
  return methodOf(method).onTrays ? (trays ?? 1) : 1;
}

/** What of a batch lies on one tray, where it heats as it would alone, grams; all of it in other gear. */
export function gramsOnTray(gear: Pick<Gear, 'method' | 'trays'> | undefined, grams: number): number {
  return gear ? grams / traysOf(gear) : grams;
}

/** Minutes it has to cool between batches: its own figure, else the middle of its method's. */
export function coolDownMinOf(gear: Pick<Gear, 'method' | 'coolDownMin'>): number {
  const { least, most } = methodOf(gear.method).coolDownMin;
  return gear.coolDownMin ?? (least + most) / 2;
}

/** How long it still has to cool at `nowMs` after a pull, seconds; 0 once it has. */
export function coolsForS(gear: Pick<Gear, 'method' | 'coolDownMin'>, pulledMs: number, nowMs: number): number {
  return Math.max(0, coolDownMinOf(gear) * 60 - (nowMs - pulledMs) / 1000);
}

/** The largest batch of green that is not asked about: this person's, else the method's upper end, grams. */
export function largestGramsOf(gear: Pick<Gear, 'method' | 'trays' | 'largestGrams'>): number {
  return gear.largestGrams ?? methodOf(gear.method).batchGrams.most * traysOf(gear);
}

/** Nearer to its limit than this share nobody begins. Ours. */
const BEGIN_WITHIN = 0.9;

/** The batch of green it usually gets: the person's figure, else the method's, well within what this piece takes; grams. */
export function usualGramsOf(gear: Pick<Gear, 'method' | 'trays' | 'usualGrams' | 'largestGrams'>): number {
  return gear.usualGrams ?? Math.min(methodOf(gear.method).batchGrams.usual * traysOf(gear), beginsWithin(gear));
}

/** The batch of green that is proposed on a piece of gear: what the batch before got, where that was on it too, else the usual; grams. */
export function proposedGreen(
  gear: Pick<Gear, 'id' | 'method' | 'trays' | 'usualGrams' | 'largestGrams'>,
  before: { readonly gearId: string; readonly greenGrams: number } | undefined,
): number {
  return before?.gearId === gear.id ? before.greenGrams : usualGramsOf(gear);
}

/** What is proposed stays below this, grams: a tenth under the limit, in whole fives where there is room. */
export function beginsWithin(gear: Pick<Gear, 'method' | 'trays' | 'largestGrams'>): number {
  const grams = largestGramsOf(gear) * BEGIN_WITHIN;
  return grams >= 20 ? Math.floor(grams / 5) * 5 : grams;
}
