export { normalCdf, normalQuantile } from './normalCurve.ts';
export { normal, type Random, seededRandom } from './random.ts';
