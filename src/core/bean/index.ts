export { greenLeft } from './greenLeft.ts';
export { type Lot, lotSchema } from './lot.ts';
export { lotTitle } from './lotTitle.ts';
export { type Process, processes, processNames } from './processes.ts';
