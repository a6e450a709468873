/** A corner of an outline, pixels. */
export interface Corner {
  readonly x: number;
  readonly y: number;
}

/** Twice the area on the left of the way from `a` over `b` to `c`. */
const turn = (a: Corner, b: Corner, c: Corner) => (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);

/** The convex hull of points that come row by row, anticlockwise on the screen. Source: A. M. Andrew's monotone chain, 1979. */
export function hullOf(points: readonly Corner[]): Corner[] {
  const sorted = [...points].sort((a, b) => a.x - b.x || a.y - b.y);
  const half = (from: readonly Corner[]) => {
    const chain: Corner[] = [];
    for (const point of from) {
      while (chain.length > 1 && turn(chain.at(-2) as Corner, chain.at(-1) as Corner, point) <= 0) chain.pop();
      chain.push(point);
    }
    chain.pop();
    return chain;
  };
  return [...half(sorted), ...half(sorted.toReversed())];
}

/** Area within an outline, square pixels. */
export function areaOf(outline: readonly Corner[]): number {
  let twice = 0;
  for (const [i, { x, y }] of outline.entries()) {
    const next = outline[(i + 1) % outline.length] as Corner;
    twice += x * next.y - next.x * y;
  }
  return Math.abs(twice) / 2;
}

/** The outline with corners left out that lie within `most` pixels of a straight side. Source: Ramer 1972, Douglas & Peucker 1973. */
export function straightened(outline: readonly Corner[], most: number): Corner[] {
  if (outline.length < 4) return [...outline];
  // A closed outline is cut at its two corners that are farthest apart.
  const from = farthest(outline, outline[0] as Corner);
  const across = farthest(outline, outline[from] as Corner);
  const [a, b] = from < across ? [from, across] : [across, from];
  const there = outline.slice(a, b + 1);
  const back = [...outline.slice(b), ...outline.slice(0, a + 1)];
  return [...thinned(there, most).slice(0, -1), ...thinned(back, most).slice(0, -1)];
}

function farthest(points: readonly Corner[], from: Corner): number {
  let best = 0;
  for (const [i, { x, y }] of points.entries()) {
    const most = points[best] as Corner;
    if (Math.hypot(x - from.x, y - from.y) > Math.hypot(most.x - from.x, most.y - from.y)) best = i;
  }
  return best;
}

function thinned(line: readonly Corner[], most: number): Corner[] {
  const [first, last] = [line[0] as Corner, line.at(-1) as Corner];
  const length = Math.max(1e-9, Math.hypot(last.x - first.x, last.y - first.y));
  let [worst, at] = [0, 0];
  for (const [i, point] of line.entries()) {
    const off = Math.abs(turn(first, last, point)) / length;
    if (off > worst) [worst, at] = [off, i];
  }
  if (worst <= most) return [first, last];
  return [...thinned(line.slice(0, at + 1), most).slice(0, -1), ...thinned(line.slice(at), most)];
}

/** Whether a point lies within a convex outline. */
export function isWithin(outline: readonly Corner[], point: Corner): boolean {
  let sign = 0;
  for (const [i, corner] of outline.entries()) {
    const side = Math.sign(turn(corner, outline[(i + 1) % outline.length] as Corner, point));
    if (side !== 0 && sign !== 0 && side !== sign) return false;
    if (side !== 0) sign = side;
  }
  return true;
}
