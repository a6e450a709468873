interface Size {
  readonly width: number;
  readonly height: number;
}

/** The plane with dark lines and spots narrower than `2 * radius + 1` pixels filled from their sides: a bean's crease. */
export function closed(values: Float32Array, size: Size, radius: number): Float32Array {
  return extreme(extreme(values, size, radius, 1), size, radius, -1);
}

/** The largest (`sign` 1) or smallest (-1) of each pixel's square. Source: M. van Herk 1992, here by the plain walk, as the squares are small. */
function extreme(values: Float32Array, { width, height }: Size, radius: number, sign: number): Float32Array {
  const across = new Float32Array(values.length);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      let most = Number.NEGATIVE_INFINITY;
      const to = Math.min(width - 1, x + radius);
      for (let k = Math.max(0, x - radius); k <= to; k++) {
        const value = sign * (values[y * width + k] as number);
        if (value > most) most = value;
      }
      across[y * width + x] = most;
    }
  const out = new Float32Array(values.length);
  for (let y = 0; y < height; y++) {
    const from = Math.max(0, y - radius);
    const to = Math.min(height - 1, y + radius);
    for (let x = 0; x < width; x++) {
      let most = Number.NEGATIVE_INFINITY;
      for (let k = from; k <= to; k++) {
        const value = across[k * width + x] as number;
        if (value > most) most = value;
      }
      out[y * width + x] = sign * most;
    }
  }
  return out;
}
