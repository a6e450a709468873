/** Each value of a plane with its neighbours, 1 2 1 each way: a camera's noise would fray every outline. */
export function smoothed(plane: Float32Array, width: number): Float32Array {
  const across = new Float32Array(plane.length);
  for (let row = 0; row < plane.length; row += width)
    for (let x = 0; x < width; x++) {
      const i = row + x;
      const left = plane[x > 0 ? i - 1 : i] as number;
      const right = plane[x < width - 1 ? i + 1 : i] as number;
      across[i] = (left + 2 * (plane[i] as number) + right) * 0.25;
    }
  const out = new Float32Array(plane.length);
  for (let i = 0; i < plane.length; i++) {
    const above = across[i >= width ? i - width : i] as number;
    const below = across[i < plane.length - width ? i + width : i] as number;
    out[i] = (above + 2 * (across[i] as number) + below) * 0.25;
  }
  return out;
}
