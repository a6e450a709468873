import * as z from 'zod';
import { idSchema } from '../ids/index.ts';
import { row } from '../row/index.ts';
import { temperatureUnits } from '../units/index.ts';
import { MOST_CONTROLS } from './controlCatalogue.ts';
import { controlSchema } from './controls.ts';
import { methodIds, places, ventilations } from './gearKinds.ts';

const grams = z.number().positive().max(5000);

/** A thermometer that belongs to the gear. Its readings are true of this probe in this gear only. */
const probe = row({
  name: z.string().trim().min(1).max(60),
  unit: z.enum(temperatureUnits),
  /** Where it sits: "in the bean mass, left wall". */
  where: z.string().trim().max(120).optional(),
});

/** One piece of equipment a person roasts on. Absent figures mean the method's own (handbook, table 4). */
export const gearSchema = row({
  id: idSchema('gear'),
  nickname: z.string().trim().min(1).max(60),
  method: z.enum(methodIds),
  /** The batch this person usually takes, green. */
  usualGrams: grams.optional(),
  /** The most this person puts in, green; the plan asks above it. */
  largestGrams: grams.optional(),
  /** Two trays are roasted in it at once, one above the other. */
  trays: z.literal(2).optional(),
  /** What can be changed on it while roasting. */
  controls: z.array(controlSchema).max(MOST_CONTROLS).optional(),
  watts: z.number().positive().max(20_000).optional(),
  /** What it cost, minor units of the household's currency. */
  priceMinor: z.int().nonnegative().max(100_000_000).optional(),
  coolDownMin: z.number().min(0).max(240).optional(),
  /** How long it is heated before the beans go in; 0 for a cold start. */
  preheatMin: z.number().min(0).max(60).optional(),
  /** Hot enough at this reading, °C, or when this is seen: "a drop of water dances". */
  preheatC: z.number().min(0).max(400).optional(),
  preheatSign: z.string().trim().min(1).max(80).optional(),
  probe: probe.optional(),
  /** Rewired or opened: shows the caution. Gander never tells how. */
  modified: z.literal(true).optional(),
  place: z.enum(places).optional(),
  ventilation: z.enum(ventilations).optional(),
  /** What to be reminded of during a roast: at a time, or at a milestone. */
  reminders: z
    .array(
      row({
        when: z.discriminatedUnion('kind', [
          row({
            kind: z.literal('at'),
            atS: z.number().min(0).max(7200),
            /** Again and again, this often, from `atS` on. */
            everyS: z.number().min(20).max(7200).optional(),
          }),
          row({
            kind: z.literal('milestone'),
            milestone: z.enum(['yellow', 'firstCrack', 'firstCrackEnd', 'secondCrack']),
          }),
        ]),
        text: z.string().trim().min(1).max(80),
      }),
    )
    .max(10)
    .optional(),
  /** At every roast on it Gander listens from the start. */
  listens: z.literal(true).optional(),
  note: z.string().trim().max(2000).optional(),
  createdAt: z.iso.datetime(),
  /** Put away: out of every choice, kept because roasts name it. UTC. */
  removedAt: z.iso.datetime().optional(),
});
/** As `gearSchema` has it, field by field. */
export type Gear = z.infer<typeof gearSchema>;
