import { type PartShade, partsOf, shadesOf } from '@/core/record';
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

/** How dark the beans of a cup are: the part it was made of, or all parts of the roast. */
export function shadeWords(roast: Roast, shade: (number: ShadeNumber) => string, pullId?: string | undefined): string {
  const part = partsOf(roast).filter(({ pull }) => pull.id === pullId);
  return partShadeWords(part.length > 0 ? part : shadesOf(roast), shade);
}

/** “light, then medium-dark”; “for medium” where nobody looked. */
export const partShadeWords = (shades: readonly PartShade[], name: (number: ShadeNumber) => string): string =>
  shades.map(({ shade, looked }) => (looked ? name(shade) : `for ${name(shade)}`)).join(', then ');
