import type { ShadeNumber } from '../shade/index.ts';
import { drinkingWindow, type RestSchool } from '../shelf/index.ts';

/** Whole days from roast to ready, and to the last day it is drunk: rest rounded up, since a day begins in the morning. */
export function windowDays(
  shade: ShadeNumber,
  school: RestSchool,
): { readonly restDays: number; readonly lastDays: number } {
  const { readyDays, fadesDays } = drinkingWindow(shade, school);
  return { restDays: Math.ceil(readyDays), lastDays: fadesDays };
}
