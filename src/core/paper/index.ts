export { paperRoasts } from './paperRoasts.ts';
export {
  isBlank,
  type PaperColumn,
  type PaperContext,
  type PaperRead,
  type PaperRoast,
  type PaperRow,
  paperColumns,
  readPaperRow,
} from './paperRow.ts';
export { blankRow, headingColumn, rowsPasted } from './paperTable.ts';
