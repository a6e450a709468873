export {
  densityClasses,
  densityNames,
  type Grading,
  gradingNames,
  gradings,
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
} from './density.ts';
export { blendTakings, boughtGrams, greenLeft, lastWeighing, type Taking } from './greenLeft.ts';
export { type Lot, lotSchema, type Pack } from './lot.ts';
export { type LotAge, lotAge } from './lotAge.ts';
export { lotHints } from './lotHints.ts';
export { lotTitle } from './lotTitle.ts';
export { parseSamples } from './parseSamples.ts';
export { traitsOf } from './processTraits.ts';
