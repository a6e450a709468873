import { type MethodId, methodOf } from '../gear/index.ts';
import type { ShadeNumber } from '../shade/index.ts';

/** Chaff is about so much of the green by weight; common roasting knowledge, naturals more. */
const CHAFF_SHARE = 0.012;

/** The smoke and chaff to expect, as one sentence; `weight` writes an amount. Second crack is where smoke begins in earnest (handbook, section 2). */
export function messSentence(
  method: MethodId,
  shade: ShadeNumber,
  greenGrams: number,
  weight: (grams: number) => string,
): string {
  const { smoke, chaff } = methodOf(method).mess;
  const smokeWords =
    shade >= 6
      ? 'Thick smoke from second crack on'
      : shade === 5
        ? 'Smoke towards the end'
        : smoke === 'much'
          ? 'Some smoke after first crack'
          : 'A little smoke after first crack';
  const grams = Math.max(1, Math.round(greenGrams * CHAFF_SHARE));
  return `${smokeWords}; about ${weight(grams)} of chaff, which ${chaff === 'blownOut' ? 'blows out: catch it' : 'stays in: shake or blow it off after the pull'}.`;
}
