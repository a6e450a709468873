import * as z from 'zod';
import { idSchema } from '../ids/index.ts';
import { gradings, processes } from './processes.ts';

/** One purchase of green beans. */
export const lotSchema = z.strictObject({
  id: idSchema('lot'),
  name: z.string().trim().min(1).max(80),
  /** Country or region; empty when unknown. */
  origin: z.string().trim().max(80),
  process: z.enum(processes),
  /** Green bought, grams. What is left is derived from the roasts. */
  boughtGrams: z.number().positive().max(100_000),
  /** Weight of a millilitre of loose green beans, grams; from weighing a known volume. */
  gramsPerMl: z.number().min(0.3).max(1.2).optional(),
  /** Water in the green, per cent by weight. */
  moisturePercent: z.number().min(3).max(20).optional(),
  grading: z.enum(gradings).optional(),
  /** What one of this household's scoops of this lot weighs, grams. */
  scoopGrams: z.number().positive().max(500).optional(),
  createdAt: z.iso.datetime(),
  /** Put away: out of every choice, kept because roasts name it. UTC. */
  removedAt: z.iso.datetime().optional(),
});
export type Lot = z.infer<typeof lotSchema>;
