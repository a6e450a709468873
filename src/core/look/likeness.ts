import { smoothed } from './smoothed.ts';
import type { Surface } from './surface.ts';

/** Bins of lightness and of brownness. */
const L_WIDE = 3;
const BROWN_WIDE = 2.5;
const L_BINS = 40;
const BROWN_BINS = 40;
/** A colour is never held to be surer than by this; e-folds. */
const MOST = 4;
/** So that likeness has about the steps that lightness has. */
const TIMES = 3;

/** How much likelier each pixel is a bean's than its surroundings', by its colour: e-folds times three, about -12 to 12. */
export function likeBeans(
  surface: Surface,
  beans: readonly { readonly pixels: Int32Array }[],
  isOut: Uint8Array,
): Float32Array {
  const { l, brown } = surface;
  const bins = new Uint16Array(l.length);
  for (let i = 0; i < l.length; i++) {
    const lBin = Math.min(L_BINS - 1, Math.max(0, Math.floor((l[i] as number) / L_WIDE)));
    const brownBin = Math.min(BROWN_BINS - 1, Math.max(0, Math.floor((brown[i] as number) / BROWN_WIDE) + 8));
    bins[i] = lBin * BROWN_BINS + brownBin;
  }
  const isBean = new Uint8Array(l.length);
  for (const { pixels } of beans) for (const i of pixels) isBean[i] = 1;
  const inside = new Float64Array(L_BINS * BROWN_BINS);
  const outside = new Float64Array(L_BINS * BROWN_BINS);
  for (let i = 0; i < bins.length; i++) {
    const bin = bins[i] as number;
    if (isBean[i]) inside[bin] = (inside[bin] as number) + 1;
    else if (!isOut[i]) outside[bin] = (outside[bin] as number) + 1;
  }
  const a = spread(inside);
  const b = spread(outside);
  const table = Float32Array.from(
    a,
    (share, k) => TIMES * Math.max(-MOST, Math.min(MOST, Math.log((share + 1e-5) / ((b[k] as number) + 1e-5)))),
  );
  const out = new Float32Array(l.length);
  for (let i = 0; i < out.length; i++) out[i] = isOut[i] ? -TIMES * MOST : (table[bins[i] as number] as number);
  return smoothed(out, surface.width);
}

/** Counts as shares, each bin sharing with its neighbours. */
function spread(counts: Float64Array): Float64Array {
  const out = new Float64Array(counts.length);
  let sum = 0;
  for (let k = 0; k < counts.length; k++)
    for (const [step, share] of NEIGHBOURS) {
      const next = k + step;
      const value = share * (counts[next] ?? 0);
      out[k] = (out[k] as number) + value;
      sum += value;
    }
  return out.map((value) => value / Math.max(1, sum));
}
const NEIGHBOURS = [
  [0, 4],
  [1, 2],
  [-1, 2],
  [BROWN_BINS, 2],
  [-BROWN_BINS, 2],
  [BROWN_BINS + 1, 1],
  [BROWN_BINS - 1, 1],
  [1 - BROWN_BINS, 1],
  [-1 - BROWN_BINS, 1],
] as const;
