import * as z from 'zod';
import { idSchema } from '../ids/index.ts';
import { row } from '../row/index.ts';
import { restSchools } from './rest.ts';
import { fates, keepings } from './shelfKinds.ts';

const grams = z.number().nonnegative().max(100_000);
const doneAt = z.iso.datetime();

/** Something that happened to a jar, in order of time. */
const jarEventSchema = z.discriminatedUnion('kind', [
  /** Weighed out for a brew. */
  row({ kind: z.literal('use'), doneAt, grams }),
  /** The scale says what is left; it outranks every sum from before. */
  row({ kind: z.literal('weigh'), doneAt, leftGrams: grams }),
  row({ kind: z.literal('freeze'), doneAt }),
  row({ kind: z.literal('thaw'), doneAt }),
  row({ kind: z.literal('keep'), doneAt, keeping: z.enum(keepings) }),
  row({ kind: z.literal('empty'), doneAt }),
  /** A part of it left otherwise than into a cup of the household. */
  row({ kind: z.literal('give'), doneAt, grams }),
  row({ kind: z.literal('throw'), doneAt, grams }),
  /** A part of it was ground, and is to be drunk at once. */
  row({ kind: z.literal('grind'), doneAt, grams }),
  /** It did not come out well: thrown away, kept for cold brew, blended into another. */
  row({ kind: z.literal('fate'), doneAt, fate: z.enum(fates) }),
]);
/** As `jarEventSchema` has it, field by field. */
export type JarEvent = z.infer<typeof jarEventSchema>;

/**
 * What people did with the coffee of one pull. A pull is a jar by itself: weight, shade and date come from the roast's
 * record, so that a correction there reaches the shelf. A row is there once something happened to it.
 */
export const jarSchema = row({
  id: idSchema('jar'),
  roastId: idSchema('roast'),
  /** The pull entry that gave it. */
  pullId: idSchema('entry'),
  /** A school of its own; the household's when absent. */
  school: z.enum(restSchools).optional(),
  events: z.array(jarEventSchema).max(1000),
});
/** As `jarSchema` has it, field by field. */
export type Jar = z.infer<typeof jarSchema>;
