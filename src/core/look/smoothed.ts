/** Each value of a plane with its neighbours, 1 2 1 each way, times `by`: a camera's noise would fray every outline. */
export function smoothed(plane: Float32Array, width: number, by = 1): Float32Array {
  const out = new Float32Array(plane.length);
  const rows = plane.length / width;
  // Three rows that are smoothed across: what they need of the plane is read once.
  let above = new Float32Array(width);
  let here = new Float32Array(width);
  let below = new Float32Array(width);
  smoothRow(plane, 0, here);
  above.set(here);
  const share = by / 4;
  for (let row = 0; row < rows; row++) {
    if (row < rows - 1) smoothRow(plane, (row + 1) * width, below);
    else below.set(here);
    const at = row * width;
    for (let x = 0; x < width; x++)
      out[at + x] = ((above[x] as number) + 2 * (here[x] as number) + (below[x] as number)) * share;
    [above, here, below] = [here, below, above];
  }
  return out;
}

/** The row that begins at `from`, smoothed across. */
function smoothRow(plane: Float32Array, from: number, into: Float32Array): void {
  const last = into.length - 1;
  let left = plane[from] as number;
  let here = left;
  for (let x = 0; x <= last; x++) {
    const right = x < last ? (plane[from + x + 1] as number) : here;
    into[x] = (left + 2 * here + right) * 0.25;
    left = here;
    here = right;
  }
}
