import * as z from 'zod';
import { plannedMoveSchema } from '../roast/index.ts';
import { row } from '../row/index.ts';
import { precautions } from './cares.ts';

/** ONE thing that is done otherwise in the next batch (handbook, section 10). */
export const nextChangeSchema = z.discriminatedUnion('kind', [
  /** A control set otherwise from a moment on; without a value it is an act, such as one more stir. */
  row({ kind: z.literal('move'), ...plannedMoveSchema.shape }),
  /** The heat so many steps higher (lower, below zero) than it was, where nobody noted what it was. */
  row({
    kind: z.literal('heat'),
    control: z.string().min(1).max(40),
    bySteps: z.int().min(-5).max(5),
    when: plannedMoveSchema.shape.when,
  }),
  /** More or less green, grams. */
  row({ kind: z.literal('grams'), byGrams: z.number().min(-1000).max(1000) }),
  /** The pull so much later (or earlier, below zero) after first crack, seconds. */
  row({ kind: z.literal('pull'), byS: z.number().min(-600).max(600) }),
  /** The gear cools this long before the beans go in, minutes. */
  row({ kind: z.literal('coolGear'), minutes: z.number().min(1).max(240) }),
  row({ kind: z.literal('care'), care: z.enum(precautions) }),
]);
/** As `nextChangeSchema` has it, field by field. */
export type NextChange = z.infer<typeof nextChangeSchema>;
