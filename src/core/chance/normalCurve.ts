/** Distribution function of the standard normal. Source: Abramowitz & Stegun, 7.1.26 (C. Hastings); error below 1.5e-7. */
export function normalCdf(z: number): number {
  const t = 1 / (1 + 0.3275911 * (Math.abs(z) / Math.SQRT2));
  const poly = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const erf = 1 - poly * Math.exp((-z * z) / 2);
  return z >= 0 ? (1 + erf) / 2 : (1 - erf) / 2;
}

/**
 * Quantile of the standard normal for a share in (0, 1); beyond, ∓Infinity. Source: P. J. Acklam's rational
 * approximation (2003), relative error below 1.2e-9.
 */
export function normalQuantile(share: number): number {
  if (share <= 0) return Number.NEGATIVE_INFINITY;
  if (share >= 1) return Number.POSITIVE_INFINITY;
  const low = 0.02425;
  if (share < low || share > 1 - low) {
    const q = Math.sqrt(-2 * Math.log(share < low ? share : 1 - share));
    const value = polynomial(TAIL_TOP, q) / (polynomial(TAIL_BOTTOM, q) * q + 1);
    return share < low ? value : -value;
  }
  const q = share - 0.5;
  const r = q * q;
  return (polynomial(MIDDLE_TOP, r) * q) / (polynomial(MIDDLE_BOTTOM, r) * r + 1);
}

const MIDDLE_TOP = [
  -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716, 2.506628277459239,
];
const MIDDLE_BOTTOM = [
  -54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572,
];
const TAIL_TOP = [
  -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
  2.938163982698783,
];
const TAIL_BOTTOM = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416];

function polynomial(coefficients: readonly number[], x: number): number {
  return coefficients.reduce((sum, each) => sum * x + each, 0);
}
