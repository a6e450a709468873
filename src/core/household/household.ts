import * as z from 'zod';
import { restSchools } from '../shelf/index.ts';
import { currencies, temperatureUnits, weightUnits } from '../units/index.ts';

const themes = ['system', 'day', 'night'] as const;
/** Money, minor units of the household's currency. */
const money = z.number().nonnegative().max(100_000_000);

/** What holds for the whole household, one row. */
export const householdSchema = z.strictObject({
  name: z.string().trim().max(80),
  weightUnit: z.enum(weightUnits),
  temperatureUnit: z.enum(temperatureUnits),
  shadeNames: z.enum(['ours', 'traditional']),
  theme: z.enum(themes),
  currency: z.enum(currencies),
  people: z.int().min(1).max(50),
  /** Roasted coffee that one person uses a day, grams. */
  gramsPerPersonDay: z.number().positive().max(500),
  /** Water in a mug, ml, and coffee for a litre of it, grams. */
  mugMl: z.number().min(30).max(1000),
  gramsPerLitre: z.number().min(20).max(150),
  restSchool: z.enum(restSchools),
  /** How the roast screen tells in time. */
  cueTone: z.boolean(),
  cueSpeech: z.boolean(),
  cueVibration: z.boolean(),
  cueText: z.boolean(),
  /** A reading is asked for this often, seconds; 0 for never. */
  readingEveryS: z.int().min(0).max(600),
  /** Milestones that the taps speak for are marked without asking. */
  takesCracks: z.boolean(),
  /** What a kWh costs; absent when it is not reckoned in. */
  tariffMinorPerKwh: money.optional(),
  /** What a roasted kilogram like one's own costs in a shop. */
  shopMinorPerKg: money.optional(),
});
export type Household = z.infer<typeof householdSchema>;
