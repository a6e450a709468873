export { readList, timeOfDay } from './list.ts';
export { type ListColumn, type ListColumns, listColumns, listMeanings } from './listColumns.ts';
export { type LineFault, type ReadLog, readLog } from './log.ts';
export { type LogColumns, logColumns } from './logColumns.ts';
export { type Sheet, sheetOf } from './sheet.ts';
