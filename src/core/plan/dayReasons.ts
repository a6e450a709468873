import type { Slot } from './schedule.ts';

/** Why a batch starts when it does. */
export type Reason =
  | { readonly kind: 'coolsMeanwhile'; readonly gearId: string; readonly whileGearId: string }
  | { readonly kind: 'waitsToCool'; readonly gearId: string; readonly waitS: number };

/** Shorter waits are not worth a word, seconds. */
const LEAST_WAIT_S = 60;

/** For each slot in order, what is to be said about it: which gear cools while it roasts, or how long it waits for its own. */
export function dayReasons(slots: readonly Slot[]): (Reason | undefined)[] {
  return slots.map((slot, i) => {
    const before = slots[i - 1];
    const waitS = before ? slot.startS - before.freeS : 0;
    if (slot.waitsFor === 'gear' && waitS >= LEAST_WAIT_S) return { kind: 'waitsToCool', gearId: slot.gearId, waitS };
    const cooling = before && before.gearId !== slot.gearId ? before.gearId : undefined;
    const comesBack = cooling !== undefined && slots.slice(i + 1).some((later) => later.gearId === cooling);
    return comesBack ? { kind: 'coolsMeanwhile', gearId: cooling, whileGearId: slot.gearId } : undefined;
  });
}
