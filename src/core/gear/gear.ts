import * as z from 'zod';
import { idSchema } from '../ids/index.ts';
import { methodIds } from './methods.ts';

/** One piece of equipment a person roasts on. */
export const gearSchema = z.strictObject({
  id: idSchema('gear'),
  nickname: z.string().trim().min(1).max(60),
  method: z.enum(methodIds),
  /** The batch this person usually takes, grams; the method's usual one when absent. */
  usualGrams: z.number().positive().max(5000).optional(),
  createdAt: z.iso.datetime(),
  /** Put away: out of every choice, kept because roasts name it. UTC. */
  removedAt: z.iso.datetime().optional(),
});
export type Gear = z.infer<typeof gearSchema>;
