import * as z from 'zod';
import { idSchema } from '../ids/index.ts';
import { AIR_C, winds } from '../roast/index.ts';
import { row } from '../row/index.ts';
import { shadeSchema } from '../shade/index.ts';
import { MOST_DAY_BATCHES } from './dayFigures.ts';

/** One batch meant for a day; `roastId` once it is on the heat or done. */
const dayBatchSchema = row({
  id: idSchema('batch'),
  lotId: idSchema('lot'),
  gearId: idSchema('gear'),
  greenGrams: z.number().positive().max(5000),
  shade: shadeSchema,
  /** On purpose into gear that is still hot: no cooling first, and a faster roast. */
  hotStart: z.literal(true).optional(),
  roastId: idSchema('roast').optional(),
});
/** As `dayBatchSchema` has it, field by field. */
export type DayBatch = z.infer<typeof dayBatchSchema>;

/** A day on which there is roasting, one row a date: its batches, its weather, what was checked before the first. */
export const roastDaySchema = row({
  id: idSchema('day'),
  /** The household's own calendar day. */
  date: z.iso.date(),
  /** When the first beans are to go in, `09:30`. */
  startsAt: z.iso.time({ precision: -1 }).optional(),
  /** In the order they are to be roasted. */
  batches: z.array(dayBatchSchema).max(MOST_DAY_BATCHES),
  /** Keys of the preflight lines that are ticked. */
  ticked: z.array(z.string().max(40)).max(20),
  ambientC: z.number().min(AIR_C.least).max(AIR_C.most).optional(),
  wind: z.enum(winds).optional(),
  createdAt: z.iso.datetime(),
});
/** As `roastDaySchema` has it, field by field. */
export type RoastDay = z.infer<typeof roastDaySchema>;
