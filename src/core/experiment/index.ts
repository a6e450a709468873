export { type Care, careNames, cares } from './cares.ts';
export { type Experiment, experimentSchema, type Outcome, outcomes } from './experiment.ts';
export { type NextChange, nextChangeSchema } from './nextChange.ts';
