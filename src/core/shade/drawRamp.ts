import { formatHex, modeLrgb, modeOklch, modeRgb, toGamut, useMode, wcagContrast } from 'culori/fn';
import { CHAFF, COLOUR_STEPS, GROUND_STEPS, INK, isOnDark } from './beanRamp.ts';

// Not part of the app: `npm run ramp` draws rampTable.ts with it, so that no screen has to load a library of colours.
// culori's tree-shaken entry knows only the colour spaces that are registered here; it is a plugin call, not a hook.
const register = useMode;
register(modeRgb);
register(modeOklch);
register(modeLrgb);
const intoSrgb = toGamut('rgb', 'oklch');

/** OKLCH stops: tone, lightness 0-1, chroma, hue °. Chosen by eye along roasted beans; darkest end is L* 17 of table 5. */
// biome-ignore format: a table
const STOPS = [
  [0, 0.68, 0.055, 128], [0.15, 0.74, 0.06, 112], [0.3, 0.78, 0.1, 92], [0.42, 0.68, 0.105, 74],
  [0.52, 0.57, 0.105, 58], [0.6, 0.47, 0.09, 48], [0.72, 0.385, 0.065, 43], [0.85, 0.295, 0.042, 40], [1, 0.205, 0.022, 38],
] as const;

const AAA = 7.2;
/** At night the ground is never lighter than this, OKLCH. */
const NIGHT_MOST = 0.34;

/** The colour of beans at a tone, `#rrggbb`. */
const drawColour = (tone: number): string => formatHex(rampAt(tone)) as string;

/**
 * The ground of the roast screen. Middling browns give neither ink nor chaff a contrast of 7:1, so the lightness is
 * moved to the nearest that does: lighter until the beans are brown, darker from there on. At night it is always dark.
 */
function drawGround(tone: number, night: boolean): string {
  const colour = rampAt(tone);
  const dark = isOnDark(tone, night);
  const text = dark ? CHAFF : INK;
  let l = Math.min(colour.l, night ? NIGHT_MOST : 1);
  const step = dark ? -0.005 : 0.005;
  const groundAt = (lightness: number) => formatHex(intoSrgb({ ...colour, l: lightness })) as string;
  while (l > 0 && l < 1 && wcagContrast(groundAt(l), text) < AAA) l += step;
  return groundAt(l);
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

/** What stands in rampTable.ts: every step of the ramp, and of the grounds by day and night, as six letters each. */
export function drawTables(): { readonly colours: string; readonly day: string; readonly night: string } {
  const drawn = (steps: number, draw: (tone: number) => string) =>
    Array.from({ length: steps + 1 }, (_, i) => draw(i / steps).slice(1)).join('');
  return {
    colours: drawn(COLOUR_STEPS, drawColour),
    day: drawn(GROUND_STEPS, (tone) => drawGround(tone, false)),
    night: drawn(GROUND_STEPS, (tone) => drawGround(tone, true)),
  };
}
