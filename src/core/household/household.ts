import * as z from 'zod';
import { row } from '../row/index.ts';
import { restSchools } from '../shelf/index.ts';
import { currencies, temperatureUnits, weightUnits } from '../units/index.ts';

const themes = ['system', 'day', 'night'] as const;
/** Money, minor units of the household's currency. */
const money = z.number().nonnegative().max(100_000_000);

/** The first day of a week as calendars number it: Sunday 0, Monday 1, Saturday 6. */
export const weekStarts = [0, 1, 6] as const;
/** One of `weekStarts`. */
export type WeekStart = (typeof weekStarts)[number];
/** How times of the day are written. */
const hourClocks = ['24', '12'] as const;
/** One of `hourClocks`. */
export type HourClock = (typeof hourClocks)[number];

const days = { from: z.iso.date(), to: z.iso.date() };

/** How the household plans ahead. */
const aheadSchema = row({
  /** Days of the week to roast on, Sunday 0; none for as few days as freshness allows. */
  weekdays: z.array(z.int().min(0).max(6)).max(7),
  /** How long a roast day may take, minutes. */
  minutesADay: z.int().min(10).max(720),
  /** More coffee on some days, grams roasted in all; both days count. */
  guests: z.array(row({ ...days, grams: z.number().positive().max(10_000) })).max(20),
  /** Nobody drinks at home on these days; both count. */
  away: z.array(row(days)).max(20),
});
/** As `aheadSchema` has it, field by field. */
export type Ahead = z.infer<typeof aheadSchema>;

/** The most people that one household has. */
export const MOST_PEOPLE = 50;

/** What holds for the whole household, one row. */
export const householdSchema = row({
  name: z.string().trim().max(80),
  weightUnit: z.enum(weightUnits),
  temperatureUnit: z.enum(temperatureUnits),
  shadeNames: z.enum(['ours', 'traditional']),
  theme: z.enum(themes),
  currency: z.enum(currencies),
  weekStart: z.union(weekStarts.map((day) => z.literal(day))),
  hourClock: z.enum(hourClocks),
  people: z.int().min(1).max(MOST_PEOPLE),
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
  /** While Gander listens, one short whistle marks what comes next and two take it back; off when absent. */
  whistles: z.boolean().optional(),
  /** What is listened to is kept with the roast, for so many weeks; for ever where none are said. */
  keepsSound: z.boolean().optional(),
  soundWeeks: z.int().min(1).max(520).optional(),
  /** A small square of the newest photo stands in each row of the journal. */
  photosInJournal: z.boolean().optional(),
  /** What a kWh costs; absent when it is not reckoned in. */
  tariffMinorPerKwh: money.optional(),
  /** What a roasted kilogram like one's own costs in a shop. */
  shopMinorPerKg: money.optional(),
  ahead: aheadSchema.optional(),
  /** Since when it uses what it uses now; absent until somebody said. */
  useSince: z.iso.date().optional(),
  /** What the whole household used a day before it changed, oldest first: what is past stays as it was reckoned. */
  useBefore: z
    .array(row({ until: z.iso.date(), grams: z.number().positive().max(25_000) }))
    .max(100)
    .optional(),
});
/** As `householdSchema` has it, field by field. */
export type Household = z.infer<typeof householdSchema>;
