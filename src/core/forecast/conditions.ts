import type { Wind } from '../roast/index.ts';

/** What the day and the gear are like when the beans go in. */
export interface Conditions {
  readonly ambientC?: number | undefined;
  readonly wind?: Wind | undefined;
  readonly gearHot?: boolean | undefined;
}

// Which way each shifts the times: handbook, section 4. How far is common roasting knowledge, for open home gear: about
// half a per cent a degree, a tenth in a strong wind, and an eighth sooner in gear still hot from the last batch.
const USUAL_AMBIENT_C = 20;
const PER_DEGREE = 0.005;
const WIND = { calm: 0, breeze: 0.04, strong: 0.1 } as const satisfies Record<Wind, number>;
const HOT_GEAR = -0.12;

/** The factor on all times up to first crack under these conditions: 1 on a calm day at 20 °C with cold gear. */
export function paceFactor({ ambientC = USUAL_AMBIENT_C, wind = 'calm', gearHot = false }: Conditions): number {
  return Math.exp((USUAL_AMBIENT_C - ambientC) * PER_DEGREE + WIND[wind] + (gearHot ? HOT_GEAR : 0));
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
