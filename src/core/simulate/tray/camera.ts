import { normal, type Random } from '../../chance/index.ts';
import { byteOf, type Picture } from '../../look/index.ts';
import type { TrayScene } from './trayScene.ts';

interface Size {
  readonly width: number;
  readonly height: number;
}

/** Paper in good light comes out as this much of the brightest. */
const USUAL_PAPER = 0.55;

/** Steps of the table of a camera's curve. */
const STEPS = 4096;

/** What a camera makes of light: blur, its own idea of white, exposure, noise and a curve. */
export function exposed(lit: Float32Array, size: Size, { camera, light }: TrayScene, random: Random): Picture {
  const seen = camera.blurPixels > 0 ? blurred(lit, size, camera.blurPixels) : lit;
  const gain = USUAL_PAPER * 2 ** camera.stops;
  const bytes = Uint8Array.from({ length: STEPS + 1 }, (_, i) => byteOf(curved(i / STEPS, camera.contrast)));
  const gains = light.colour.map((lamp) => gain / lamp ** (1 - camera.colourLeft));
  const rgba = new Uint8ClampedArray(4 * size.width * size.height).fill(255);
  for (let i = 0; i < size.width * size.height; i++)
    for (let c = 0; c < 3; c++) {
      const value = (gains[c] as number) * (seen[3 * i + c] as number);
      const noise = camera.noise * normal(random) * Math.sqrt(Math.max(0, value) + 0.004);
      const step = Math.round(STEPS * Math.min(1, Math.max(0, value + noise)));
      rgba[4 * i + c] = bytes[step] as number;
    }
  return { ...size, rgba };
}

/** A curve that darkens the darks and lightens the lights of what is seen, as cameras do to please; of light from 0 to 1. */
function curved(value: number, contrast: number): number {
  const seen = value ** (1 / 2.2);
  const bent = seen + contrast * (seen - 0.5) * seen * (1 - seen);
  return bent ** 2.2;
}

function blurred(lit: Float32Array, { width, height }: Size, sd: number): Float32Array {
  // Three runs of a box come close to a Gaussian. Source: W. M. Wells 1986.
  const radius = Math.max(1, Math.round(Math.sqrt(sd * sd + 0.25) - 0.5));
  let from = lit;
  for (let run = 0; run < 3; run++)
    from = boxed(boxed(from, width, height, radius, true), width, height, radius, false);
  return from;
}

function boxed(from: Float32Array, width: number, height: number, radius: number, across: boolean): Float32Array {
  const out = new Float32Array(from.length);
  const [lines, length] = across ? [height, width] : [width, height];
  const step = across ? 1 : width;
  const next = across ? width : 1;
  for (let line = 0; line < lines; line++)
    for (let c = 0; c < 3; c++) {
      const base = 3 * line * next + c;
      const stride = 3 * step;
      const last = length - 1;
      let sum = 0;
      for (let k = -radius; k <= radius; k++) sum += from[base + stride * Math.min(last, Math.max(0, k))] as number;
      for (let k = 0; k < length; k++) {
        out[base + stride * k] = sum / (2 * radius + 1);
        sum +=
          (from[base + stride * Math.min(last, k + radius + 1)] as number) -
          (from[base + stride * Math.max(0, k - radius)] as number);
      }
    }
  return out;
}
