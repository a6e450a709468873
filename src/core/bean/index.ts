export {
  type DensityClass,
  densityClasses,
  densityNames,
  type Grading,
  gradingNames,
  gradings,
  type Keeping,
  keeping,
  type Process,
  processes,
  processNames,
  type Storage,
  storages,
} from './beanKinds.ts';
export { blendMean, blendWarnings } from './blend.ts';
export {
  densityOf,
  gramsPerMlOf,
  measuresOf,
  roastedGramsPerMl,
  USUAL_GRAMS_PER_ML,
  usualScoopGrams,
} from './density.ts';
export { blendTakings, boughtGrams, greenLeft, lastWeighing, type Taking } from './greenLeft.ts';
export { daySchema, type Lot, lotSchema, type Pack } from './lot.ts';
export { type LotAge, lotAge } from './lotAge.ts';
export { type LotHint, lotHints } from './lotHints.ts';
export { lotTitle } from './lotTitle.ts';
export { parseSamples, type Sample } from './parseSamples.ts';
export { type ProcessTraits, traitsOf } from './processTraits.ts';
