export { differenceSentence, differencesBetween, type FigureDifference } from './differences.ts';
export { figuresOf, MOST_COMPARED, type RoastFigures } from './figures.ts';
export { plannedAgainstDone } from './plannedAgainstDone.ts';
export { causeNames, causes, type Repeatability, type RepeatCause, repeatabilityOf } from './repeatability.ts';
