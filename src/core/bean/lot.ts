import * as z from 'zod';
import { idSchema } from '../ids/index.ts';
import { row } from '../row/index.ts';
import { densityClasses, gradings, processes, storages } from './beanKinds.ts';

/** A calendar day of the household, `2026-11-24`. */
const daySchema = z.iso.date();
const grams = z.number().positive().max(100_000);
/** Money, minor units of the household's currency. */
const money = z.int().nonnegative().max(100_000_000);
const words = z.string().trim().max(300);

/** One pack of a lot, as it was bought or put together. */
const packSchema = row({
  grams,
  /** What the beans cost; absent when nobody remembers, or for a blend, which costs what its parts cost. */
  priceMinor: money.optional(),
  carriageMinor: money.optional(),
  boughtOn: daySchema.optional(),
});
/** As `packSchema` has it, field by field. */
export type Pack = z.infer<typeof packSchema>;

/** What the scale said was left at a moment, which outranks every sum from before. */
const weighing = row({ weighedAt: z.iso.datetime(), leftGrams: z.number().nonnegative().max(100_000) });

/** One part of a blend, made before roasting; shares add up to 1. */
const blendPart = row({ lotId: idSchema('lot'), share: z.number().positive().max(1) });

/** One purchase of green beans, or a blend of such. */
export const lotSchema = row({
  id: idSchema('lot'),
  name: z.string().trim().min(1).max(80),
  /** Country or region; empty when unknown. */
  origin: z.string().trim().max(80),
  /** Farm, station or mark on the sack. */
  mark: z.string().trim().max(80).optional(),
  process: z.enum(processes),
  packs: z.array(packSchema).min(1).max(50),
  weighings: z.array(weighing).max(200).optional(),
  /** Weight of a millilitre of loose green beans, grams; from weighing a known volume. */
  gramsPerMl: z.number().min(0.3).max(1.2).optional(),
  /** Said by the seller where nobody weighed a volume. */
  densityClass: z.enum(densityClasses).optional(),
  /** Sieve sizes as the seller gives them, such as 16-18. */
  screen: z.string().trim().max(20).optional(),
  grading: z.enum(gradings).optional(),
  /** Water in the green, per cent by weight. */
  moisturePercent: z.number().min(3).max(20).optional(),
  /** The crop came in, or the beans arrived in the country; their age is counted from here. */
  arrivedOn: daySchema.optional(),
  storage: z.enum(storages).optional(),
  /** What one of this household's scoops of this lot weighs, grams. */
  scoopGrams: z.number().positive().max(500).optional(),
  /** What it is said to taste of, and what it did taste of. */
  expected: words.optional(),
  tasted: words.optional(),
  note: z.string().trim().max(2000).optional(),
  /** Parts of a blend; their green was taken when it was made. */
  blendOf: z.array(blendPart).min(2).max(6).optional(),
  createdAt: z.iso.datetime(),
  /** Put away: out of every choice, kept because roasts name it. UTC. */
  removedAt: z.iso.datetime().optional(),
});
/** As `lotSchema` has it, field by field. */
export type Lot = z.infer<typeof lotSchema>;
