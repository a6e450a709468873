import { DOSE_RANGE } from '../brew/index.ts';
import type { Brew, Cup } from './cup.ts';
import { brewHowNames } from './tasteKinds.ts';

/** How a cup was brewed, as it stands behind it: "by immersion, 12 g to 200 ml". `weight` writes grams in the household's unit. */
export function brewedWords({ how, grams, waterMl }: Brew, weight: (grams: number) => string): string {
  const dose = [grams !== undefined && weight(grams), waterMl !== undefined && `${waterMl} ml`]
    .filter(Boolean)
    .join(' to ');
  return dose === '' ? brewHowNames[how] : `${brewHowNames[how]}, ${dose}`;
}

/** These have a strength of their own, which is not the cup's. */
const STRONG: readonly Brew['how'][] = ['espresso', 'concentrate', 'coldBrew'];

/** Grams of coffee a litre of water; undefined where one of them is not known, and for what is strong by its nature. */
export function gramsPerLitre({ how, grams, waterMl }: Brew): number | undefined {
  return STRONG.includes(how) || grams === undefined || waterMl === undefined ? undefined : (grams * 1000) / waterMl;
}

/** What to know of the brewing before the roast is blamed: the cup that was furthest from the usual 50 to 70 g a litre. Source: handbook, section 9. */
export function unusualBrew(cups: readonly Cup[]): string | undefined {
  const off = (dose: number) => Math.max(DOSE_RANGE.least / dose, dose / DOSE_RANGE.most);
  const doses = cups.flatMap(({ brew }) => (brew ? (gramsPerLitre(brew) ?? []) : []));
  const furthest = doses.filter((dose) => off(dose) > 1).sort((a, b) => off(b) - off(a))[0];
  if (furthest === undefined) return undefined;
  const told = furthest < DOSE_RANGE.least ? 'thin' : 'strong';
  return `A cup was brewed ${told}, ${Math.round(furthest)} g a litre; ${DOSE_RANGE.least} to ${DOSE_RANGE.most} is usual.`;
}
