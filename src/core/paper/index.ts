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
export { blankRow, headingColumns, rowsPasted } from './paperTable.ts';
