import { partsOf } from '@/core/record';
import { finalShade, meantShade, type Roast } from '@/core/roast';
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

/** How dark the beans of a cup are: the part it was made of, or the roast; "for medium" where nobody looked. */
export function shadeWords(roast: Roast, shade: (number: ShadeNumber) => string, pullId?: string | undefined): string {
  const part = partsOf(roast).find(({ pull }) => pull.id === pullId);
  if (part) return part.pull.shade === undefined ? `for ${shade(part.shade)}` : shade(part.shade);
  const looked = finalShade(roast);
  return looked === undefined ? `for ${shade(meantShade(roast))}` : shade(looked);
}
