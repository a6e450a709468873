import * as z from 'zod';
import { idSchema } from '../ids/index.ts';
import { row } from '../row/index.ts';
import { brewHows, flightManners, flightQuestions, sheetLines } from './tasteKinds.ts';

const half = z.number().min(0).max(10).multipleOf(0.5);
const moment = z.iso.datetime();

/** Scores of one cup; a line that nobody thought about is absent. */
const sheetSchema = row({
  ...(Object.fromEntries(sheetLines.map((line) => [line, half.optional()])) as Record<
    (typeof sheetLines)[number],
    z.ZodOptional<typeof half>
  >),
  overall: half.optional(),
});
/** As `sheetSchema` has it, field by field. */
export type Sheet = z.infer<typeof sheetSchema>;

/** How a cup was brewed. */
const brewSchema = row({
  how: z.enum(brewHows),
  grams: z.number().positive().max(1000).optional(),
  waterMl: z.number().positive().max(10_000).optional(),
  celsius: z.number().min(0).max(100).optional(),
  steepS: z.number().min(0).max(86_400).optional(),
});

/** One tasting of one cup, on its own or in a flight. */
export const cupSchema = row({
  id: idSchema('cup'),
  /** What was tasted; absent for coffee from elsewhere, which has a name. */
  roastId: idSchema('roast').optional(),
  pullId: idSchema('entry').optional(),
  name: z.string().trim().max(120).optional(),
  tastedAt: moment,
  taster: z.string().trim().max(60).optional(),
  flightId: idSchema('flight').optional(),
  sheet: sheetSchema,
  words: z.array(z.string().max(40)).max(30),
  note: z.string().trim().max(1000).optional(),
  brew: brewSchema.optional(),
});
/** As `cupSchema` has it, field by field. */
export type Cup = z.infer<typeof cupSchema>;
/** As `brewSchema` has it, field by field. */
export type Brew = z.infer<typeof brewSchema>;

/** What goes into a flight: a roast's jar or other coffee by name. */
const contender = row({
  name: z.string().trim().min(1).max(120),
  roastId: idSchema('roast').optional(),
  pullId: idSchema('entry').optional(),
});
/** As `contender` has it, field by field. */
export type Contender = z.infer<typeof contender>;

const code = z.string().regex(/^[1-9]\d\d$/);

/** One tasting inside a flight: the codes one taster gets, and what they answered. */
const trial = row({
  taster: z.string().trim().min(1).max(60),
  codes: z.array(code).min(2).max(6),
  answeredAt: moment.optional(),
  /** The odd one, or the preferred one. */
  picked: code.optional(),
  /** Overall scores by code, for rank and score. */
  scores: z.record(code, half).optional(),
  /** Its slip was used and is put away until the end. */
  poured: z.literal(true).optional(),
  /** For one who tastes alone: how many cups of which contender stand there. */
  pours: z.array(z.int().min(0).max(5)).min(2).max(6).optional(),
});
/** As `trial` has it, field by field. */
export type Trial = z.infer<typeof trial>;

/** A blind flight. Which code is which lies apart, in its key, until all sheets are in. */
export const flightSchema = row({
  id: idSchema('flight'),
  question: z.enum(flightQuestions),
  contenders: z.array(contender).min(2).max(6),
  trials: z.array(trial).min(1).max(60),
  createdAt: moment,
  /** All sheets are in, or it was ended before; then the key is shown. */
  endedAt: moment.optional(),
  aborted: z.literal(true).optional(),
  /** How it is tasted; with codes and somebody who pours when absent. */
  manner: z.enum(flightManners).optional(),
});
/** As `flightSchema` has it, field by field. */
export type Flight = z.infer<typeof flightSchema>;

/** Which contender each code of each trial is, by index; kept out of sight until the end. */
export const flightKeySchema = row({
  id: idSchema('flight'),
  trials: z.array(z.record(code, z.int().min(0).max(5))).max(60),
});
/** As `flightKeySchema` has it, field by field. */
export type FlightKey = z.infer<typeof flightKeySchema>;
