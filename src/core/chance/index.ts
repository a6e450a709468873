export { middleOf } from './middle.ts';
export { normalCdf, normalQuantile } from './normalCurve.ts';
export { normal, type Random, seededRandom } from './random.ts';
