import { beansOf, lookOf, type Roast } from '../roast/index.ts';

/** From so many of the beans on, pale ones are more than a stray. Our own figure. */
const PALE_FROM = 0.03;

/** Pale beans among the rest, as the photo of a roast shows them, in words; undefined where there are hardly any, or no photo. */
export function palePhoto(roast: Roast): string | undefined {
  const look = lookOf(roast);
  if (!look || (look.paleShare ?? 0) < PALE_FROM) return undefined;
  return `In the photo ${beansOf(look, look.paleShare).words} are much paler than the rest: picked unripe, they never brown.`;
}

/** How many beans have scorched spots: as the photo counts them, else as somebody said. */
export function scorchedWords(roast: Roast, amount: 'Many' | 'Some'): string {
  const look = lookOf(roast);
  return look?.scorchedShare
    ? `In the photo ${beansOf(look, look.scorchedShare).words} have scorched spots.`
    : `${amount} beans have scorched spots.`;
}
