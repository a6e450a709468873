import type { Surface } from './surface.ts';

/** Ways an edge may run: a shaken picture is blurred in one of them only. */
const WAYS = [
  { dx: 1, dy: 0 },
  { dx: 0, dy: 1 },
  { dx: 1, dy: 1 },
  { dx: 1, dy: -1 },
] as const;
/** Of each so many of the steepest are looked at. */
const EDGES = 150;
/** A step lower than this is no edge, L*. */
const LEAST_STEP = 8;
const FAR = 40;

/** How wide the steepest edges are in the way in which they are widest, pixels: what they rise in all over how fast; undefined without edges. */
export function edgeWidth({ l, width, height }: Surface): number | undefined {
  const widths = WAYS.flatMap(({ dx, dy }) => {
    const step = dx + dy * width;
    const length = Math.hypot(dx, dy);
    const steep = steepest(l, step, width, height);
    const each = steep.flatMap((i) => {
      const rise = riseAt(l, i, step);
      return rise < LEAST_STEP ? [] : [(length * rise) / Math.max(1e-6, slope(l, i, step) / 2)];
    });
    if (each.length < EDGES / 3) return [];
    each.sort((a, b) => a - b);
    return [each[each.length >> 1] as number];
  });
  return widths.length === 0 ? undefined : Math.max(...widths);
}

const slope = (l: Float32Array, i: number, step: number) => Math.abs((l[i + step] as number) - (l[i - step] as number));

function steepest(l: Float32Array, step: number, width: number, height: number): number[] {
  const counts = new Int32Array(1024);
  const bins = new Uint16Array(l.length);
  for (let y = 2; y < height - 2; y++)
    for (let i = y * width + 2; i < (y + 1) * width - 2; i++) {
      const bin = Math.min(1023, Math.floor(8 * slope(l, i, step)));
      bins[i] = bin;
      counts[bin] = (counts[bin] as number) + 1;
    }
  // The steepest twenty times as many as are looked at: of a long edge every pixel is steep.
  let [least, sum] = [1023, 0];
  while (least > 8 && sum < 20 * EDGES) sum += counts[least--] as number;
  const found: number[] = [];
  for (let i = 0; i < bins.length; i++) if ((bins[i] as number) > least) found.push(i);
  const every = Math.max(1, Math.floor(found.length / EDGES));
  return found.filter((_, k) => k % every === 0);
}

/** How far lightness rises along a line through a pixel while it rises at all, L*. */
function riseAt(l: Float32Array, i: number, step: number): number {
  const up = (l[i + step] as number) > (l[i - step] as number) ? 1 : -1;
  const end = (way: number) => {
    let from = i;
    for (let k = 0; k < FAR; k++) {
      const next = from + way * step;
      const change = way * up * ((l[next] ?? Number.NaN) - (l[from] as number));
      if (!(change > 0.15)) break;
      from = next;
    }
    return l[from] as number;
  };
  return Math.abs(end(1) - end(-1));
}
