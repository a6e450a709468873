import {
  converter,
  formatHex,
  modeLab,
  modeLrgb,
  modeOklch,
  modeRgb,
  toGamut,
  useMode,
  wcagContrast,
  wcagLuminance,
} from 'culori/fn';
import { type ShadeNumber, shades } from './shades.ts';

// culori's tree-shaken entry knows only the colour spaces that are registered here; it is a plugin call, not a hook.
const register = useMode;
register(modeRgb);
register(modeOklch);
register(modeLab);
register(modeLrgb);
const toOklch = converter('oklch');
const intoSrgb = toGamut('rgb', 'oklch');

/** Where the milestones lie on the ramp, 0 (green) to 1 (near black). */
export const TONE = { green: 0, yellow: 0.3, firstCrack: 0.56, nearBlack: 1 } as const;

/** OKLCH stops: tone, lightness 0-1, chroma, hue °. Chosen by eye along roasted beans; darkest end is L* 17 of table 5. */
// biome-ignore format: a table
const STOPS = [
  [0, 0.68, 0.055, 128], [0.15, 0.74, 0.06, 112], [0.3, 0.78, 0.1, 92], [0.42, 0.68, 0.105, 74],
  [0.52, 0.57, 0.105, 58], [0.6, 0.47, 0.09, 48], [0.72, 0.385, 0.065, 43], [0.85, 0.295, 0.042, 40], [1, 0.205, 0.022, 38],
] as const;

const FIRST_BROWN = 0.52;

/**
 * The colour of beans at `tone` (0 green to 1 near black; beyond is held at the ends), as `#rrggbb`. Read from a table
 * in steps of 1/400, finer than a screen shows: a journal asks for thousands.
 */
export function beanColour(tone: number): string {
  return colours[Math.round(Math.min(1, Math.max(0, tone)) * COLOUR_STEPS)] as string;
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

const INK = '#1d130b';
const CHAFF = '#f9f4e8';
const AAA = 7.2;

/**
 * The ground of the roast screen. Middling browns give neither ink nor chaff a contrast of 7:1, so the lightness is
 * moved to the nearest that does: lighter until the beans are brown, darker from there on. At night it is always dark.
 */
export function fieldColour(tone: number, night = false): FieldColour {
  const colour = rampAt(tone);
  const dark = night || tone >= FIRST_BROWN;
  const text = dark ? CHAFF : INK;
  const most = night ? 0.34 : 1;
  let { l } = colour;
  l = Math.min(l, dark ? most : 1);
  const step = dark ? -0.005 : 0.005;
  const groundAt = (lightness: number) => formatHex(intoSrgb({ ...colour, l: lightness })) as string;
  while (l > 0 && l < 1 && wcagContrast(groundAt(l), text) < AAA) l += step;
  return { ground: groundAt(l), text };
}

/** Relative luminance of a `#rrggbb` colour, 0-1. Source: WCAG 2.2, definition of relative luminance. */
export function luminance(colour: string): number {
  return wcagLuminance(colour);
}

function rampAt(tone: number) {
  const held = Math.min(1, Math.max(0, tone));
  const after = STOPS.findIndex(([at]) => at >= held);
  const b = STOPS[Math.max(after, 0)] ?? STOPS[0];
  const a = STOPS[Math.max(after - 1, 0)] ?? STOPS[0];
  const share = b[0] === a[0] ? 0 : (held - a[0]) / (b[0] - a[0]);
  const mix = (i: 1 | 2 | 3) => a[i] + (b[i] - a[i]) * share;
  return { mode: 'oklch' as const, l: mix(1), c: mix(2), h: mix(3) };
}

function toneOfLightness(lightness: number): number {
  const target = toOklch({ mode: 'lab', l: lightness, a: 0, b: 0 }).l;
  let [light, dark] = [TONE.yellow as number, TONE.nearBlack as number];
  for (let i = 0; i < 40; i++) {
    const middle = (light + dark) / 2;
    if (rampAt(middle).l > target) light = middle;
    else dark = middle;
  }
  return (light + dark) / 2;
}

const COLOUR_STEPS = 400;
const colours = Array.from({ length: COLOUR_STEPS + 1 }, (_, i) => formatHex(rampAt(i / COLOUR_STEPS)));

const shadeTones = new Map<ShadeNumber, number>(
  shades.map(({ number, lightness }) => [number, toneOfLightness(lightness)]),
);
