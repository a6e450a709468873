import { MATTERS_C } from '../forecast/index.ts';
import type { Case } from './case.ts';

/** Air that is no further off what is usual here is as usual, °C. Ours. */
const OTHER_C = 4;

/** Cold or windy enough to slow a roast, and colder than it usually is here. */
export function isCold({ roast: { ambientC, wind }, usualAmbientC }: Pick<Case, 'roast' | 'usualAmbientC'>): boolean {
  return wind === 'strong' || (ambientC !== undefined && ambientC < Math.min(MATTERS_C.below, usualAmbientC - OTHER_C));
}

/** Hot enough to hasten a roast, and hotter than it usually is here. */
export function isHotDay({ roast: { ambientC }, usualAmbientC }: Pick<Case, 'roast' | 'usualAmbientC'>): boolean {
  return ambientC !== undefined && ambientC > Math.max(MATTERS_C.above, usualAmbientC + OTHER_C);
}
