export { type CalendarEntry, jarEntries, roastDayEntry, roastDueEntry } from './calendar.ts';
export { canonical } from './canonical.ts';
export { type ContentTable, contentTables, noContent, tableNouns, theRow } from './contentTables.ts';
export { withNamedMoment, withNamedMoments } from './namedMoments.ts';
export {
  formatNotebook,
  NOTEBOOK_FORMAT,
  NOTEBOOK_VERSION,
  type Notebook,
  type NotebookContent,
  notebookSchema,
  notebookText,
  recipeContent,
  roastContent,
} from './notebook.ts';
export { notebookSteps } from './notebookSteps.ts';
export { parseNotebook } from './parseNotebook.ts';
export { parseProbeLine, probeSlug } from './probeLine.ts';
export { danglingRows, idsNamed, references } from './references.ts';
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
export { unknownFields } from './unknownFields.ts';
