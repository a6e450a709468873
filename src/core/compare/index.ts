export { differenceSentence, differencesBetween } from './differences.ts';
export { figuresOf, MOST_COMPARED, type RoastFigures } from './figures.ts';
export { plannedAgainstDone } from './plannedAgainstDone.ts';
export { causeNames, causes, repeatabilityOf } from './repeatability.ts';
