export { type CalendarEntry, jarEntries, roastDayEntry, roastDueEntry } from './calendar.ts';
export { canonical } from './canonical.ts';
export { type ContentTable, contentTables, noContent, tableNouns, theRow } from './contentTables.ts';
export {
  formatNotebook,
  NOTEBOOK_FORMAT,
  NOTEBOOK_VERSION,
  type Notebook,
  type NotebookContent,
  notebookPieces,
  notebookSchema,
  recipeContent,
  roastContent,
} from './notebook.ts';
export { type NotebookStep, notebookSteps } from './notebookSteps.ts';
export { parseNotebook } from './parseNotebook.ts';
export { type ProbeLine, parseProbeLine, probeSlug } from './probeLine.ts';
export { danglingRows, idsNamed, type Reference, references } from './references.ts';
export { formatShared, type Shared } from './roastText.ts';
export { rowFault } from './rowFault.ts';
export { calledOf, type LeftOut, readableRow, type Salvaged, salvageContent, salvageNotebook } from './salvage.ts';
export { shiftDates } from './shiftDates.ts';
export { formatTable, type TableKind, tableKinds } from './tables.ts';
export {
  bluetoothReading,
  lineCutter,
  serialReading,
  THERMOMETER_SERVICE,
  THERMOMETER_VALUE,
} from './thermometer.ts';
export { type UnknownField, unknownFields } from './unknownFields.ts';
