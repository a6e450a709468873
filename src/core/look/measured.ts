import { lightnessOf, luminance } from '../shade/index.ts';
import type { Bean } from './beans.ts';
import { quantileAt } from './quantiles.ts';
import type { Surface } from './surface.ts';

/** What a bean's surface was found to be. */
export interface BeanMeasured {
  readonly bean: Bean;
  /** CIE L* of its matt surface. */
  readonly lightness: number;
  /** The same as it is seen, with its sheen. */
  readonly plain: number;
  /** The same by its best lit part: how beans differ shows there, and the slope of their sides least. */
  readonly bestLit: number;
  /** Red less blue as a share of its brightness: how brown it is. */
  readonly brown: number;
}

/** The part of a bean that lies open to the light, by its brightness: the rest slopes away or is shaded. */
const LIT = 0.67;
/** The same for brightness with its sheen, which lies in the brightest part. */
const PLAIN = 0.55;
/** Where sheen adds least, red less blue makes up the most of the brightness: the upper fifth of all pixels. */
const MATT = 0.8;
const BEST_LIT = 0.8;
/** A bean that shines all over shows its brown nowhere: it is held to be so much of what all beans have, at least. */
const LEAST_OF_ALL = 0.85;
/** Darker than this nothing is said of a pixel's colour, linear. */
const LEAST_LIGHT = 0.003;

/**
 * Each bean's lightness without its sheen: a glint adds as much to red as to blue, so red less blue is free of it, and is
 * scaled by what it makes of the brightness where there is none. Source of the idea: the dichromatic model, S. Shafer 1985.
 */
export function measured(beans: readonly Bean[], surface: Surface): BeanMeasured[] {
  const lit = beans.map((bean) => lights(bean, surface));
  const warm = quantileAt(joined(lit.map(({ share }) => share)).sort(), MATT);
  if (warm === undefined || warm <= 0) return [];
  return beans.map((bean, n) => {
    const { red, plain, share } = lit[n] as Lights;
    const own = quantileAt(share, MATT) ?? warm;
    const brown = Math.max(own, LEAST_OF_ALL * warm);
    const matt = (part: number) => lightnessOf(Math.max(0, quantileAt(red, part) as number) / brown);
    return {
      bean,
      lightness: matt(LIT),
      bestLit: matt(BEST_LIT),
      brown: own,
      plain: lightnessOf(quantileAt(plain, PLAIN) as number),
    };
  });
}

/** What the pixels of a bean give back, ascending: red less blue, brightness, and the one as a share of the other where there is light enough. */
interface Lights {
  readonly red: Float32Array;
  readonly plain: Float32Array;
  readonly share: Float32Array;
}

function lights({ pixels }: Bean, { r, g, b }: Surface): Lights {
  const red = new Float32Array(pixels.length);
  const plain = new Float32Array(pixels.length);
  const share = new Float32Array(pixels.length);
  let told = 0;
  for (let k = 0; k < pixels.length; k++) {
    const i = pixels[k] as number;
    const y = luminance(r[i] as number, g[i] as number, b[i] as number);
    red[k] = (r[i] as number) - (b[i] as number);
    plain[k] = y;
    if (y > LEAST_LIGHT) share[told++] = (red[k] as number) / y;
  }
  return { red: red.sort(), plain: plain.sort(), share: share.subarray(0, told).sort() };
}

function joined(parts: readonly Float32Array[]): Float32Array {
  const all = new Float32Array(parts.reduce((sum, { length }) => sum + length, 0));
  let offset = 0;
  for (const part of parts) {
    all.set(part, offset);
    offset += part.length;
  }
  return all;
}
