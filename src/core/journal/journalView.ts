import * as z from 'zod';
import { processes } from '../bean/index.ts';
import { idSchema } from '../ids/index.ts';
import { row } from '../row/index.ts';
import { shadeSchema } from '../shade/index.ts';
import { sortings } from './sorting.ts';

const day = z.iso.date();

/** What is asked of the journal; a field that is absent asks nothing. */
const journalQuerySchema = row({
  text: z.string().max(120).optional(),
  lotId: idSchema('lot').optional(),
  gearId: idSchema('gear').optional(),
  process: z.enum(processes).optional(),
  shade: shadeSchema.optional(),
  /** So many stars or more. */
  stars: z.int().min(1).max(5).optional(),
  /** A finding of `core/diagnose` stands out, by its id. */
  finding: z.string().max(40).optional(),
  tag: z.string().max(30).optional(),
  from: day.optional(),
  to: day.optional(),
});
/** As `journalQuerySchema` has it, field by field. */
export type JournalQuery = z.infer<typeof journalQuerySchema>;

/** A query that is kept under a name. */
export const journalViewSchema = row({
  id: idSchema('view'),
  name: z.string().trim().min(1).max(60),
  query: journalQuerySchema,
  sorting: z.enum(sortings),
});
/** As `journalViewSchema` has it, field by field. */
export type JournalView = z.infer<typeof journalViewSchema>;
