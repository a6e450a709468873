import { lookOf, type Roast, type RoastLook } from '../roast/index.ts';

/** From so many of the beans on, pale ones are more than a stray. Our own figure. */
const PALE_FROM = 0.03;

/** Pale beans among the rest, as the photo of a roast shows them, in words; undefined where there are hardly any, or no photo. */
export function palePhoto(roast: Roast): string | undefined {
  const look = lookOf(roast);
  if (!look || (look.paleShare ?? 0) < PALE_FROM) return undefined;
  return `In the photo ${ofBeans(look, look.paleShare)} are much paler than the rest: picked unripe, they never brown.`;
}

/** How many beans have scorched spots: as the photo counts them, else as somebody said. */
export function scorchedWords(roast: Roast, amount: 'Many' | 'Some'): string {
  const look = lookOf(roast);
  return look?.scorchedShare
    ? `In the photo ${ofBeans(look, look.scorchedShare)} have scorched spots.`
    : `${amount} beans have scorched spots.`;
}

const ofBeans = ({ measured }: RoastLook, share = 0) => `${Math.round(share * measured)} of ${measured} beans`;
