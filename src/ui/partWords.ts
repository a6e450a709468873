import { partsOf } from '@/core/record';
import type { Roast } from '@/core/roast';
import type { ShadeNumber } from '@/core/shade';

/** “the medium-dark part”, where a roast was pulled in parts and one of them is meant; else nothing. */
export function partWords(
  roast: Roast | undefined,
  pullId: string | undefined,
  shade: (number: ShadeNumber) => string,
): string {
  const parts = roast ? partsOf(roast) : [];
  const part = parts.length > 1 ? parts.find(({ pull }) => pull.id === pullId) : undefined;
  return part ? `the ${shade(part.shade)} part` : '';
}
