import { lightnessOf, linearOf, luminance } from './lightness.ts';
import { rampTable } from './rampTable.ts';
import { type ShadeNumber, shades } from './shades.ts';

/** Where the milestones lie on the ramp, 0 (green) to 1 (near black). */
export const TONE = { green: 0, yellow: 0.3, firstCrack: 0.56, nearBlack: 1 } as const;

/** Steps of the tables, finer than a screen shows: a journal asks for thousands of colours. */
export const COLOUR_STEPS = 400;
/** So many colours of the field between green and black. */
export const GROUND_STEPS = 200;

/** The colour of beans at `tone` (0 green to 1 near black; beyond is held at the ends), as `#rrggbb`. */
export function beanColour(tone: number): string {
  return stepOf(rampTable.colours, COLOUR_STEPS, tone);
}

function stepOf(table: string, steps: number, tone: number): string {
  const offset = 6 * Math.round(Math.min(1, Math.max(0, tone)) * steps);
  return `#${table.slice(offset, offset + 6)}`;
}

/** The tone at which the ramp has a shade's lightness (table 5), found by halving: the ramp darkens steadily past yellow. */
export function shadeTone(shade: ShadeNumber): number {
  return shadeTones.get(shade) ?? TONE.nearBlack;
}

/** A ground for text in the colour of the beans, and the text colour that stands on it at 7:1 or better. */
export interface FieldColour {
  readonly ground: string;
  readonly text: string;
}

/** The dark text on a field. */
export const INK = '#1d130b';
/** The pale text on a field. */
export const CHAFF = '#f9f4e8';
const FIRST_BROWN = 0.52;

/** Whether the text on the roast screen's ground is light: from the first brown on, and at night always. */
export const isOnDark = (tone: number, night: boolean): boolean => night || tone >= FIRST_BROWN;

/** The ground of the roast screen in the colour of the beans, moved as far as text needs (drawRamp.ts says how). */
export function fieldColour(tone: number, night = false): FieldColour {
  // The step that is shown decides, so that the text always fits its ground.
  const shown = Math.round(Math.min(1, Math.max(0, tone)) * GROUND_STEPS) / GROUND_STEPS;
  return {
    ground: stepOf(night ? rampTable.night : rampTable.day, GROUND_STEPS, shown),
    text: isOnDark(shown, night) ? CHAFF : INK,
  };
}

/** CIE L* of a colour `#rrggbb` under D65. */
function lightnessOfColour(colour: string): number {
  const [r, g, b] = [1, 3, 5].map((from) => linearOf(Number.parseInt(colour.slice(from, from + 2), 16) / 255)) as [
    number,
    number,
    number,
  ];
  return lightnessOf(luminance(r, g, b));
}

function toneOfLightness(lightness: number): number {
  let [light, dark] = [TONE.yellow as number, TONE.nearBlack as number];
  for (let i = 0; i < 12; i++) {
    const middle = (light + dark) / 2;
    if (lightnessOfColour(beanColour(middle)) > lightness) light = middle;
    else dark = middle;
  }
  return (light + dark) / 2;
}

const shadeTones = new Map<ShadeNumber, number>(
  shades.map(({ number, lightness }) => [number, toneOfLightness(lightness)]),
);
