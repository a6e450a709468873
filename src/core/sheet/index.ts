export { readList, timeOfDay } from './list.ts';
export { type ListColumn, type ListColumns, listColumns, listMeanings } from './listColumns.ts';
export { type LineFault, type LogColumns, logColumns, type ReadLog, readLog } from './log.ts';
export { type Sheet, sheetOf } from './sheet.ts';
