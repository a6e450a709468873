/** One observation: its few features as pairs of index and value, and what was observed. */
export interface Observation {
  readonly features: Features;
  readonly value: number;
}

/** Pairs of a coefficient's index and what it is multiplied by; an index comes once. */
export type Features = readonly (readonly [number, number])[];

/**
 * Observations laid end to end, each one's features by ascending index. A history is walked many times, and walking
 * small arrays costs more than the sums. Row i has the features `starts[i]` to before `ends[i]`.
 */
export interface Rows {
  readonly starts: Int32Array;
  readonly ends: Int32Array;
  readonly indices: Int32Array;
  readonly scales: Float64Array;
  readonly values: Float64Array;
}

/** Lays observations end to end. */
export function packRows(observations: readonly Observation[]): Rows {
  const count = observations.reduce((sum, { features }) => sum + features.length, 0);
  const rows = {
    starts: new Int32Array(observations.length),
    ends: new Int32Array(observations.length),
    indices: new Int32Array(count),
    scales: new Float64Array(count),
    values: Float64Array.from(observations, ({ value }) => value),
  };
  let offset = 0;
  observations.forEach(({ features }, row) => {
    rows.starts[row] = offset;
    for (const [index, scale] of features) {
      // Insertion keeps the order; there are hardly ten.
      let to = offset++;
      for (; to > (rows.starts[row] as number) && (rows.indices[to - 1] as number) > index; to--) {
        rows.indices[to] = rows.indices[to - 1] as number;
        rows.scales[to] = rows.scales[to - 1] as number;
      }
      rows.indices[to] = index;
      rows.scales[to] = scale;
    }
    rows.ends[row] = offset;
  });
  return rows;
}

/** Some of the rows with values of their own, and what each row's first feature is multiplied by. */
export function pickRows(
  rows: Rows,
  picked: readonly number[],
  values: readonly number[],
  firstScales: readonly number[],
): Rows {
  const starts = new Int32Array(picked.length);
  const ends = new Int32Array(picked.length);
  const scales = rows.scales.slice();
  for (let k = 0; k < picked.length; k++) {
    const row = picked[k] as number;
    starts[k] = rows.starts[row] as number;
    ends[k] = rows.ends[row] as number;
    scales[starts[k] as number] = firstScales[k] as number;
  }
  return { starts, ends, indices: rows.indices, scales, values: Float64Array.from(values) };
}

/** How far each observation lies off the line that `mean` draws. */
export function offsOf({ starts, ends, indices, scales, values }: Rows, mean: Float64Array): Float64Array<ArrayBuffer> {
  const offs = values.slice();
  for (let row = 0; row < offs.length; row++)
    for (let k = starts[row] as number; k < (ends[row] as number); k++)
      offs[row] = (offs[row] as number) - (scales[k] as number) * (mean[indices[k] as number] as number);
  return offs;
}

/**
 * Adds weight·x·xᵀ of every row to `precision` (its lower triangle, `size` square) and weight·x·value to `right`.
 */
export function addRowsInPlace(rows: Rows, weights: Float64Array, precision: Float64Array, right: Float64Array): void {
  const { starts, ends, indices, scales, values } = rows;
  const size = right.length;
  for (let row = 0; row < values.length; row++) {
    const [start, end] = [starts[row] as number, ends[row] as number];
    const [weight, value] = [weights[row] as number, values[row] as number];
    for (let a = start; a < end; a++) {
      const i = indices[a] as number;
      const scaled = weight * (scales[a] as number);
      // Most of what may act on a roast does not.
      if (scaled === 0) continue;
      right[i] = (right[i] as number) + scaled * value;
      const line = i * size;
      for (let b = start; b <= a; b++) {
        const cell = line + (indices[b] as number);
        precision[cell] = (precision[cell] as number) + scaled * (scales[b] as number);
      }
    }
  }
}
