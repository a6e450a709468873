export { formatClock, formatSpan, parseClock } from './clock.ts';
export { parseNumber } from './parseNumber.ts';
export {
  formatWeight,
  GRAMS_PER_OUNCE,
  parseWeight,
  type WeightRange,
  type WeightUnit,
  weightFieldText,
  weightUnits,
} from './weight.ts';
