import { type MethodId, methodOf } from '../gear/index.ts';
import type { Wind } from '../roast/index.ts';

/** What the day is like where the roast is made. */
export interface Conditions {
  readonly ambientC?: number | undefined;
  readonly wind?: Wind | undefined;
}

/** Below and above, cold and heat outside matter, °C. Source: handbook, section 14. */
export const MATTERS_C = { below: 15, above: 32 } as const;

/** A word about weather that matters on a method, more strongly where hot air or open flame loses its heat to it; undefined else. */
export function weatherWord({ ambientC, wind }: Conditions, method: MethodId): string | undefined {
  if (wind === 'strong') return 'A strong wind takes the heat away and feeds any fire: find shelter, or another day.';
  if (ambientC === undefined) return undefined;
  const { heatedBy, open } = methodOf(method);
  const blows = heatedBy === 'air';
  if (ambientC < MATTERS_C.below)
    return open
      ? 'Cold: it may stop short of first crack. Shelter the gear, a smaller batch if it loses heat, and allow more time.'
      : 'Cold: expect it slower, and warm the place for scale and cooling tray first.';
  if (ambientC > MATTERS_C.above)
    return blows
      ? 'Hot: the popper’s own cut-out may trip. Shade, short batches, long rests between; and it runs faster.'
      : 'Hot: expect it sooner, and cooling takes longer; have the fan ready.';
  return undefined;
}
