export { greenLeft } from './greenLeft.ts';
export { type Lot, lotSchema } from './lot.ts';
export { type LotHint, lotHints } from './lotHints.ts';
export { lotTitle } from './lotTitle.ts';
export { type Grading, gradingNames, gradings, type Process, processes, processNames } from './processes.ts';
