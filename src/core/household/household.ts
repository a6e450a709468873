import * as z from 'zod';
import { weightUnits } from '../units/index.ts';

const themes = ['system', 'day', 'night'] as const;

/** What holds for the whole household, one row. */
export const householdSchema = z.strictObject({
  name: z.string().trim().max(80),
  weightUnit: z.enum(weightUnits),
  shadeNames: z.enum(['ours', 'traditional']),
  theme: z.enum(themes),
});
export type Household = z.infer<typeof householdSchema>;
