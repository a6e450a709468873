/**
 * Lower factor L with L·Lᵀ = matrix, row by row; only the lower triangle of the matrix is read.
 * Source: Golub & Van Loan, Matrix Computations, 4th ed., algorithm 4.2.1.
 */
export function cholesky(matrix: Float64Array, size: number): Float64Array<ArrayBuffer> {
  const lower = new Float64Array(size * size);
  for (let i = 0; i < size; i++)
    for (let j = 0; j <= i; j++) {
      let sum = matrix[i * size + j] as number;
      for (let k = 0; k < j; k++) sum -= (lower[i * size + k] as number) * (lower[j * size + k] as number);
      lower[i * size + j] = i === j ? Math.sqrt(sum) : sum / (lower[j * size + j] as number);
    }
  return lower;
}

/** x of L·x = right. */
export function forward(lower: Float64Array, right: Float64Array): Float64Array {
  const size = right.length;
  const out = new Float64Array(size);
  for (let i = 0; i < size; i++) {
    let sum = right[i] as number;
    for (let k = 0; k < i; k++) sum -= (lower[i * size + k] as number) * (out[k] as number);
    out[i] = sum / (lower[i * size + i] as number);
  }
  return out;
}

/** x of L·Lᵀ·x = right. */
export function solve(lower: Float64Array, right: Float64Array): Float64Array<ArrayBuffer> {
  const size = right.length;
  const half = forward(lower, right);
  const out = new Float64Array(size);
  for (let i = size - 1; i >= 0; i--) {
    let sum = half[i] as number;
    for (let k = i + 1; k < size; k++) sum -= (lower[k * size + i] as number) * (out[k] as number);
    out[i] = sum / (lower[i * size + i] as number);
  }
  return out;
}

/** The diagonal of (L·Lᵀ)⁻¹: the variance of each coefficient where L·Lᵀ is their precision. */
export function diagonalOfInverse(lower: Float64Array, size: number): Float64Array {
  const diagonal = new Float64Array(size);
  const column = new Float64Array(size);
  for (let from = 0; from < size; from++) {
    // Column `from` of L⁻¹ is zero above its own row.
    for (let i = from; i < size; i++) {
      let sum = i === from ? 1 : 0;
      for (let k = from; k < i; k++) sum -= (lower[i * size + k] as number) * (column[k] as number);
      column[i] = sum / (lower[i * size + i] as number);
      diagonal[from] = (diagonal[from] as number) + (column[i] as number) ** 2;
    }
  }
  return diagonal;
}
