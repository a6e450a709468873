export { type ListColumn, type ListColumns, listColumns, readList, timeOfDay } from './list.ts';
export { type LineFault, type LogColumns, logColumns, type ReadLog, readLog } from './log.ts';
export { type Sheet, sheetOf } from './sheet.ts';
