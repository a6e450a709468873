/** Each value of a plane with its neighbours, 1 2 1 each way: a camera's noise would fray every outline. */
export function smoothed(plane: Float32Array, width: number): Float32Array {
  const across = new Float32Array(plane.length);
  for (let row = 0; row < plane.length; row += width) {
    const last = row + width - 1;
    let left = plane[row] as number;
    let here = left;
    for (let i = row; i <= last; i++) {
      const right = i < last ? (plane[i + 1] as number) : here;
      across[i] = (left + 2 * here + right) * 0.25;
      left = here;
      here = right;
    }
  }
  const out = new Float32Array(plane.length);
  const last = plane.length - width;
  for (let row = 0; row <= last; row += width) {
    const above = row > 0 ? -width : 0;
    const below = row < last ? width : 0;
    for (let i = row; i < row + width; i++)
      out[i] = ((across[i + above] as number) + 2 * (across[i] as number) + (across[i + below] as number)) * 0.25;
  }
  return out;
}
