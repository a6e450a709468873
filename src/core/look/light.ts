import { linearOf } from '../shade/index.ts';

/** Pixels as a browser or a decoder gives them: four bytes a pixel, row by row. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly rgba: Uint8ClampedArray | Uint8Array;
}

/** The same as linear light, 0 to 1 of the brightest that the camera can say, a plane a colour. */
export interface Light {
  readonly width: number;
  readonly height: number;
  readonly r: Float32Array;
  readonly g: Float32Array;
  readonly b: Float32Array;
}

const LINEAR = Float32Array.from({ length: 256 }, (_, byte) => linearOf(byte / 255));

/** The byte of sRGB for linear light, 0 to 1; beyond is held at the ends. Source: IEC 61966-2-1. */
export function byteOf(linear: number): number {
  const held = Math.min(1, Math.max(0, linear));
  return Math.round(255 * (held <= 0.0031308 ? 12.92 * held : 1.055 * held ** (1 / 2.4) - 0.055));
}

/** Linear light of a picture, made smaller until it has at most `mostPixels`: each new pixel is the mean of what it covers. */
export function lightOf({ width, height, rgba }: Picture, mostPixels: number): Light {
  const plane = (from: number) => ({ at: (i: number) => LINEAR[rgba[4 * i + from] as number] as number });
  return shrunk({ width, height }, [plane(0), plane(1), plane(2)], mostPixels);
}

/** Light made smaller once more. */
export function smallerLight({ width, height, r, g, b }: Light, mostPixels: number): Light {
  const plane = (values: Float32Array) => ({ at: (i: number) => values[i] as number });
  return shrunk({ width, height }, [plane(r), plane(g), plane(b)], mostPixels);
}

interface Plane {
  readonly at: (pixel: number) => number;
}

function shrunk(
  { width, height }: { readonly width: number; readonly height: number },
  planes: readonly [Plane, Plane, Plane],
  mostPixels: number,
): Light {
  const scale = Math.min(1, Math.sqrt(mostPixels / (width * height)));
  const w = Math.max(1, Math.round(width * scale));
  const h = Math.max(1, Math.round(height * scale));
  const columns = Int32Array.from({ length: w + 1 }, (_, x) => Math.floor((x * width) / w));
  const [r, g, b] = planes.map(({ at }) => {
    const out = new Float32Array(w * h);
    for (let y = 0; y < h; y++) {
      const top = Math.floor((y * height) / h);
      const bottom = Math.max(top + 1, Math.floor(((y + 1) * height) / h));
      for (let x = 0; x < w; x++) {
        const left = columns[x] as number;
        const right = Math.max(left + 1, columns[x + 1] as number);
        let sum = 0;
        for (let row = top; row < bottom; row++) for (let i = left; i < right; i++) sum += at(row * width + i);
        out[y * w + x] = sum / ((bottom - top) * (right - left));
      }
    }
    return out;
  }) as [Float32Array, Float32Array, Float32Array];
  return { width: w, height: h, r, g, b };
}
