import { bisectLeft } from 'd3-array';
import { luminance, luminanceOf } from '../shade/index.ts';
import { isWithin } from './hull.ts';
import type { Light } from './light.ts';
import { findPaper, type Paper } from './paper.ts';
import { quantileAmong, quantileAt, valuesAt } from './quantiles.ts';
import { PAPER_LIGHTNESS, type White } from './surface.ts';

/** The sheet in a picture with what its light is. */
export interface Reference {
  readonly paper: Paper;
  /** 1 where the sheet is, a byte a pixel. */
  readonly isPaper: Uint8Array;
  readonly white: White;
  /** Luminance of its lit part, 0 to 1 of what the camera can say. */
  readonly luminance: number;
  /** How much of it is as bright as the camera can say, in any colour, 0 to 1. */
  readonly clipped: number;
  /** How much of it lies in shadow, 0 to 1. */
  readonly shaded: number;
  /** How much redder one part of it is lit than another: e-folds of red over blue, from its twentieth to its nineteen twentieths. */
  readonly lightsApart: number;
}

/** The lit part of a sheet: above it are glints, below it shadows. */
const LIT = { from: 0.6, to: 0.97 } as const;
/** In shadow is what has so much of the light of the lit part, or less. */
const SHADOW = 0.6;
/** Linear light above which a camera says no more. */
export const CLIPPED = 0.985;

/** The paper of a picture, and white as it shows it; undefined where there is none. `small` is the same light in few pixels. */
export function referenceOf(light: Light, small: Light): Reference | undefined {
  const paper = findPaper(small);
  if (!paper) return undefined;
  const isPaper = filled(paper, small, light);
  const pixels = someOf(isPaper);
  const { r, g, b } = light;
  const y = new Float32Array(pixels.length);
  let clipped = 0;
  for (let k = 0; k < pixels.length; k++) {
    const i = pixels[k] as number;
    const [red, green, blue] = [r[i] as number, g[i] as number, b[i] as number];
    y[k] = luminance(red, green, blue);
    if (Math.max(red, green, blue) > CLIPPED) clipped++;
  }
  const sorted = y.slice().sort();
  const brightness = (share: number) => quantileAt(sorted, share) as number;
  const [least, most] = [brightness(LIT.from), brightness(LIT.to)];
  const lit = pixels.filter((_, k) => (y[k] as number) >= least && (y[k] as number) <= most);
  const bright = brightness((LIT.from + LIT.to) / 2);
  const ofWhite = luminanceOf(PAPER_LIGHTNESS);
  const white = { r: middle(r, lit) / ofWhite, g: middle(g, lit) / ofWhite, b: middle(b, lit) / ofWhite };
  return {
    paper,
    isPaper,
    white,
    luminance: bright,
    shaded: bisectLeft(sorted, SHADOW * bright) / sorted.length,
    clipped: clipped / pixels.length,
    lightsApart: lightsApart(small, paper),
  };
}

/** The pixels of `light` within a sheet that was found in the smaller `small`. */
function filled({ outline }: Paper, small: Light, light: Light): Uint8Array {
  const [across, down] = [light.width / small.width, light.height / small.height];
  const corners = outline.map(({ x, y }) => ({ x: (x + 0.5) * across - 0.5, y: (y + 0.5) * down - 0.5 }));
  const out = new Uint8Array(light.width * light.height);
  const [top, bottom] = [Math.min(...corners.map(({ y }) => y)), Math.max(...corners.map(({ y }) => y))];
  for (let y = Math.max(0, Math.ceil(top)); y <= Math.min(light.height - 1, bottom); y++) {
    // A convex outline is crossed twice by a line.
    const cuts = corners.flatMap((a, k) => {
      const b = corners[(k + 1) % corners.length] as { x: number; y: number };
      return a.y <= y === b.y <= y ? [] : [a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x)];
    });
    if (cuts.length < 2) continue;
    const from = Math.max(0, Math.ceil(Math.min(...cuts)));
    const to = Math.min(light.width - 1, Math.floor(Math.max(...cuts)));
    if (to >= from) out.fill(1, y * light.width + from, y * light.width + to + 1);
  }
  return out;
}

/** So many pixels say what all of a sheet would. */
const ENOUGH = 50_000;

/** Pixels of a mask, evenly strewn where there are more than enough. */
function someOf(mask: Uint8Array): Int32Array {
  let all = 0;
  for (const each of mask) all += each;
  const every = Math.max(1, Math.floor(all / ENOUGH));
  const out = new Int32Array(Math.ceil(all / every));
  let [seen, end] = [0, 0];
  for (let i = 0; i < mask.length; i++) if (mask[i] && seen++ % every === 0) out[end++] = i;
  return out;
}

function middle(values: Float32Array, pixels: Int32Array): number {
  return quantileAmong(valuesAt(values, pixels), 0.5) as number;
}

/** Cells across the sheet in which the colour of the light is taken: noise is not a second lamp. */
const CELL = 12;

function lightsApart(small: Light, { outline }: Paper): number {
  const ratios: number[] = [];
  for (let y = 0; y + CELL <= small.height; y += CELL)
    for (let x = 0; x + CELL <= small.width; x += CELL) {
      const corners = [
        { x, y },
        { x: x + CELL, y },
        { x, y: y + CELL },
        { x: x + CELL, y: y + CELL },
      ];
      if (!corners.every((corner) => isWithin(outline, corner))) continue;
      let [r, b] = [0, 0];
      for (let row = y; row < y + CELL; row++)
        for (let i = row * small.width + x; i < row * small.width + x + CELL; i++) {
          r += small.r[i] as number;
          b += small.b[i] as number;
        }
      ratios.push(Math.log((r + 1e-6) / (b + 1e-6)));
    }
  if (ratios.length < 4) return 0;
  ratios.sort((a, b) => a - b);
  return (quantileAt(ratios, 0.95) as number) - (quantileAt(ratios, 0.05) as number);
}
