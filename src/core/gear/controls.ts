import * as z from 'zod';
import { row } from '../row/index.ts';

const id = z.string().min(1).max(40);
const label = z.string().min(1).max(40);
/** Which arrow keys drive it. */
const axis = z.enum(['heat', 'air']).optional();

/**
 * What a person can change on a piece of gear while roasting. A `switch` has two words, a `step` a number inside its
 * bounds, `words` a few settings in order, an `act` is done and over.
 */
export const controlSchema = z.discriminatedUnion('kind', [
  row({ kind: z.literal('switch'), id, label, off: z.string(), on: z.string() }),
  row({
    kind: z.literal('step'),
    id,
    label,
    least: z.number(),
    most: z.number(),
    start: z.number(),
    by: z.number().positive(),
    unit: z.string().optional(),
    axis,
  }),
  row({
    kind: z.literal('words'),
    id,
    label,
    words: z.array(z.string().min(1).max(40)).min(2).max(9),
    start: z.string(),
    axis,
  }),
  row({ kind: z.literal('act'), id, label, done: z.string() }),
]);
/** As `controlSchema` has it, field by field. */
export type Control = z.infer<typeof controlSchema>;
