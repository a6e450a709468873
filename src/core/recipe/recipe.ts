import * as z from 'zod';
import { idSchema } from '../ids/index.ts';
import { guideSchema, PLANNED, plannedMoveSchema, pullRuleSchema } from '../roast/index.ts';
import { row } from '../row/index.ts';
import { shadeSchema } from '../shade/index.ts';

/** A roast that was good, kept as what to do: it stays when the roast it came from is deleted. */
export const recipeSchema = row({
  id: idSchema('recipe'),
  name: z.string().trim().min(1).max(80),
  note: z.string().trim().max(1000).optional(),
  lotId: idSchema('lot'),
  gearId: idSchema('gear'),
  greenGrams: z.number().positive().max(100_000),
  shade: shadeSchema,
  pullRule: pullRuleSchema.optional(),
  moves: z.array(plannedMoveSchema).max(PLANNED.moves),
  /** When the good roast got where: the guide. Seconds from charge. */
  guide: guideSchema,
  /** Whose it is, where somebody else's roast or recipe was kept: their name for themselves. */
  by: z.string().trim().min(1).max(60).optional(),
  lossPercent: z.number().min(0).max(60).optional(),
  /** The roast it was made from; its ribbon is the guide as long as it is there. */
  fromRoastId: idSchema('roast').optional(),
  createdAt: z.iso.datetime(),
});
/** As `recipeSchema` has it, field by field. */
export type Recipe = z.infer<typeof recipeSchema>;
/** The times of a recipe. */
export type Guide = Recipe['guide'];
