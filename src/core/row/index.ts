export { row } from './row.ts';
