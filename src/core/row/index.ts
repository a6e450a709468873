export { defined } from './defined.ts';
export { row } from './row.ts';
