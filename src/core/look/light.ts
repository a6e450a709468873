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
  const plane = (channel: number) => {
    const out = new Float32Array(width * height);
    for (let i = 0; i < out.length; i++) out[i] = LINEAR[rgba[4 * i + channel] as number] as number;
    return shrunk(out, { width, height }, mostPixels);
  };
  return { ...sizeWithin({ width, height }, mostPixels), r: plane(0), g: plane(1), b: plane(2) };
}

/** Light made smaller once more. */
export function smallerLight({ r, g, b, ...size }: Light, mostPixels: number): Light {
  const plane = (values: Float32Array) => shrunk(values, size, mostPixels);
  return { ...sizeWithin(size, mostPixels), r: plane(r), g: plane(g), b: plane(b) };
}

/** How large a plane of pixels is. */
export interface Size {
  readonly width: number;
  readonly height: number;
}

/** The size with the same shape that has about `mostPixels`, where there are more. */
export function sizeWithin({ width, height }: Size, mostPixels: number): Size {
  const scale = Math.min(1, Math.sqrt(mostPixels / (width * height)));
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
}

function shrunk(values: Float32Array, size: Size, mostPixels: number): Float32Array {
  const { width, height } = size;
  const { width: w, height: h } = sizeWithin(size, mostPixels);
  if (w === width && h === height) return values;
  const columns = Int32Array.from({ length: w + 1 }, (_, x) => Math.floor((x * width) / w));
  const out = new Float32Array(w * h);
  for (let y = 0; y < h; y++) {
    const top = Math.floor((y * height) / h);
    const bottom = Math.max(top + 1, Math.floor(((y + 1) * height) / h));
    for (let x = 0; x < w; x++) {
      const left = columns[x] as number;
      const right = Math.max(left + 1, columns[x + 1] as number);
      let sum = 0;
      for (let row = top; row < bottom; row++)
        for (let i = row * width + left; i < row * width + right; i++) sum += values[i] as number;
      out[y * w + x] = sum / ((bottom - top) * (right - left));
    }
  }
  return out;
}
