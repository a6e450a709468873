export { paperRoasts } from './paperRoasts.ts';
export {
  isBlank,
  type PaperColumn,
  type PaperContext,
  type PaperIssues,
  type PaperRead,
  type PaperRoast,
  type PaperRow,
  paperColumns,
  readPaperRow,
} from './paperRow.ts';
export { blankRow, rowsPasted } from './paperTable.ts';
