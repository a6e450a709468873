import type { ShadeNumber } from '../shade/index.ts';
import { drinkingWindow, type RestSchool } from '../shelf/index.ts';
import type { StockJar } from './stockAhead.ts';

/** Roasted coffee as the journal knows it. Days are whole numbers, 0 is today, so these are 0 and below. */
export interface RoastedThen {
  readonly day: number;
  readonly grams: number;
  readonly shade: ShadeNumber;
}

/** Whole days from roast to ready, and to the last day it is drunk: rest rounded up, since a day begins in the morning. */
export function windowDays(
  shade: ShadeNumber,
  school: RestSchool,
): { readonly restDays: number; readonly lastDays: number } {
  const { readyDays, fadesDays } = drinkingWindow(shade, school);
  return { restDays: Math.ceil(readyDays), lastDays: fadesDays };
}

/**
 * What must be left today of what was roasted, if the household drank `gramsPerDay` every day, the oldest rested coffee
 * first: a reckoning where nobody keeps count of jars. Throws RangeError for use of zero or below.
 */
export function reckonedJars<T extends RoastedThen>(
  roasted: readonly T[],
  gramsPerDay: number,
  school: RestSchool,
): (StockJar & Omit<T, keyof RoastedThen>)[] {
  if (!(gramsPerDay > 0)) throw new RangeError(`gramsPerDay must be above 0 g, got ${gramsPerDay} g`);
  const jars = roasted
    .map(({ day, grams, shade, ...rest }) => {
      const { restDays, lastDays } = windowDays(shade, school);
      return { ...rest, grams, readyDay: day + restDays, lastDay: day + lastDays };
    })
    .sort((a, b) => a.readyDay - b.readyDay);
  for (let day = Math.min(0, ...roasted.map((each) => each.day)); day < 0; day++) {
    let wanted = gramsPerDay;
    for (const jar of jars) {
      if (jar.readyDay > day || jar.lastDay < day) continue;
      const taken = Math.min(jar.grams, wanted);
      jar.grams -= taken;
      wanted -= taken;
    }
  }
  return jars.filter(({ grams, lastDay }) => grams > 0 && lastDay >= 0);
}
