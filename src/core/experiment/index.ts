export { asDone, type Chosen, movesMade, ruleAsDone } from './asDone.ts';
export { type Precaution as Care, precautionNames as careNames, precautions as cares } from './cares.ts';
export { changeReminder } from './changeReminder.ts';
export { changeWords } from './changeWords.ts';
export { type Experiment, experimentSchema, type Outcome, outcomes } from './experiment.ts';
export { type ChangeRecord, type ExperimentState, outcomeOf, scoreOfChanges, stateOf } from './learned.ts';
export type { NextChange } from './nextChange.ts';
export { type Sameness, samenessOf } from './sameness.ts';
export { withChange } from './withChange.ts';
