import type { Control } from './controls.ts';
import type { Gear } from './gear.ts';
import { methodOf } from './methods.ts';

/** What can be changed on this piece: its own list, else its method's. */
export function controlsOf(gear: Pick<Gear, 'method' | 'controls'>): readonly Control[] {
  return gear.controls ?? methodOf(gear.method).controls;
}

/** Minutes it has to cool between batches: its own figure, else the middle of its method's. */
export function coolDownMinOf(gear: Pick<Gear, 'method' | 'coolDownMin'>): number {
  const { least, most } = methodOf(gear.method).coolDownMin;
  return gear.coolDownMin ?? (least + most) / 2;
}

/** The largest batch of green that is not asked about: this person's, else the method's upper end, grams. */
export function largestGramsOf(gear: Pick<Gear, 'method' | 'largestGrams'>): number {
  return gear.largestGrams ?? methodOf(gear.method).batchGrams.most;
}

/** The batch of green it usually gets, grams. */
export function usualGramsOf(gear: Pick<Gear, 'method' | 'usualGrams' | 'largestGrams'>): number {
  return gear.usualGrams ?? Math.min(methodOf(gear.method).batchGrams.usual, largestGramsOf(gear));
}
