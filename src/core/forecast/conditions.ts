import type { Wind } from '../roast/index.ts';

/** What the day is like where the roast is made. */
export interface Conditions {
  readonly ambientC?: number | undefined;
  readonly wind?: Wind | undefined;
}

/** Outdoors between these a person and their gear are comfortable, °C; below and above a word is due. */
const COMFORTABLE_C = { least: 8, most: 30 };

/** A word about weather that is outside the comfortable range; undefined inside it. */
export function weatherWord({ ambientC, wind }: Conditions): string | undefined {
  if (wind === 'strong') return 'A strong wind takes the heat away and feeds any fire: find shelter, or another day.';
  if (ambientC === undefined) return undefined;
  if (ambientC < COMFORTABLE_C.least)
    return 'That is cold: expect it slower, shelter the gear, and warm the scale and the cooling tray’s place first.';
  return ambientC > COMFORTABLE_C.most
    ? 'That is hot: expect it sooner, and cooling takes longer; have the fan ready.'
    : undefined;
}
