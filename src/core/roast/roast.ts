import * as z from 'zod';
import { idSchema } from '../ids/index.ts';
import { row } from '../row/index.ts';
import { shadeSchema } from '../shade/index.ts';
import { entrySchema } from './entry.ts';
import { guideSchema, plannedMoveSchema, plannedPartSchema, pullRuleSchema, winds } from './intent.ts';
import { lookSchema, MOST_LOOKS } from './looks.ts';
import { AIR_C, bites, evennesses, PLANNED, senses, snaps, spotAmounts } from './roastKinds.ts';
import { MOST_TAGS, TAG_LETTERS } from './tags.ts';

/** One batch: a few facts, and the log of what happened. Everything else is derived and never stored. */
export const roastSchema = row({
  id: idSchema('roast'),
  lotId: idSchema('lot'),
  gearId: idSchema('gear'),
  greenGrams: z.number().positive().max(100_000),
  wantedShade: shadeSchema,
  /** When this person means to pull; by the shade alone when absent. */
  pullRule: pullRuleSchema.optional(),
  plannedMoves: z.array(plannedMoveSchema).max(PLANNED.moves).optional(),
  /** A staged pull, lightest first: two to four parts whose shares add up to 1. */
  plannedParts: z.array(plannedPartSchema).min(2).max(4).optional(),
  place: z.enum(['indoors', 'outdoors']),
  /** The air around the gear, °C. */
  ambientC: z.number().min(AIR_C.least).max(AIR_C.most).optional(),
  wind: z.enum(winds).optional(),
  /** The gear was still hot from the batch before. */
  gearHot: z.literal(true).optional(),
  /** When it was set up, UTC; orders the journal. */
  createdAt: z.iso.datetime(),
  /** Preheating began, UTC; absent when the gear was not preheated. */
  preheatedAt: z.iso.datetime().optional(),
  /** Charge, time zero of every entry, UTC; absent while preheating. */
  chargedAt: z.iso.datetime().optional(),
  /** When Beans in was pressed, UTC, where the charge was put to another moment since. */
  chargePressedAt: z.iso.datetime().optional(),
  /** How far the device's clock has jumped since the charge, milliseconds; taken off when the clock is read. */
  clockShiftMs: z.number(),
  entries: z.array(entrySchema),
  evenness: z.enum(evennesses).optional(),
  sheen: z.enum(senses.sheen).optional(),
  spots: z.enum(spotAmounts).optional(),
  bite: z.enum(bites).optional(),
  snap: z.enum(snaps).optional(),
  /** Weight of a millilitre of loose roasted beans, grams; with the green's it tells how far they swelled. */
  roastedGramsPerMl: z.number().min(0.1).max(0.8).optional(),
  stars: z.int().min(1).max(5).optional(),
  note: z.string().max(2000).optional(),
  /** The roast that this one follows, "roast this again". */
  follows: idSchema('roast').optional(),
  /** Words of one's own to find it by. */
  tags: z.array(z.string().trim().min(1).max(TAG_LETTERS)).max(MOST_TAGS).optional(),
  /** The recipe it was roasted by. */
  recipeId: idSchema('recipe').optional(),
  /** When it was meant to be where: the recipe as it was carried to this batch and gear. */
  guide: guideSchema.optional(),
  /** What photos beside white paper told, oldest first. */
  looks: z.array(lookSchema).max(MOST_LOOKS).optional(),
  /** What listening learnt of how it sounded: dB of full scale, dB over that, log odds (core/listen, `HeardOfRoast`). */
  heard: row({
    backgroundDb: z.number().min(-120).max(0),
    cracksDb: z.number().min(-60).max(120),
    clear: z.number().min(-20).max(30),
    mistaken: z.number().min(-20).max(30).optional(),
  }).optional(),
});
/** As `roastSchema` has it, field by field. */
export type Roast = z.infer<typeof roastSchema>;
