export {
  type ContentComparison,
  type ContentTable,
  canonical,
  compareContent,
  contentTables,
} from './compareContent.ts';
export {
  formatNotebook,
  NOTEBOOK_FORMAT,
  NOTEBOOK_VERSION,
  type Notebook,
  type NotebookContent,
  notebookSchema,
  roastContent,
} from './notebook.ts';
export { type NotebookStep, notebookSteps } from './notebookSteps.ts';
export { parseNotebook } from './parseNotebook.ts';
export { type ProbeLine, parseProbeLine, probeSlug } from './probeLine.ts';
export { shiftDates } from './shiftDates.ts';
