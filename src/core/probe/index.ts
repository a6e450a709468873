// A topic of its own, so that the roast screen loads it behind what must be there at once.
export { learnProbe } from './learnedProbe.ts';
