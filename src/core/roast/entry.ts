import * as z from 'zod';
import { idSchema } from '../ids/index.ts';
import { row } from '../row/index.ts';
import { shadeSchema } from '../shade/index.ts';
import { ENTRY_C, ENTRY_GRAMS, ENTRY_S, ENTRY_TEXT, milestones, senseKinds, smells, sources } from './roastKinds.ts';

const secondsFromCharge = z.number().min(ENTRY_S.least).max(ENTRY_S.most);
const ramp = z.number().min(0).max(1);
const celsius = z.number().min(ENTRY_C.least).max(ENTRY_C.most);
const setting = z.union([z.string().max(40), z.number()]);

const common = {
  id: idSchema('entry'),
  /** When it happened, seconds from charge; negative while preheating. */
  at: secondsFromCharge,
  /** When it was pressed, seconds from charge. Never changed. */
  pressedAt: secondsFromCharge,
  source: z.enum(sources),
};

const mark = row({ ...common, kind: z.literal('mark'), milestone: z.enum(milestones).exclude(['pull']) });
const crack = row({
  ...common,
  kind: z.literal('crack'),
  crack: z.enum(['first', 'second']),
  /** How likely it was a crack at all, 0 to 1, where a microphone heard it. */
  likely: z.number().min(0).max(1).optional(),
});
/** Beans leave the heat: `all` of them, which ends the roast, or a part. Grams are the roasted weight of that part. */
const pull = row({
  ...common,
  kind: z.literal('pull'),
  all: z.boolean(),
  grams: z.number().min(ENTRY_GRAMS.least).max(ENTRY_GRAMS.most).optional(),
  shade: shadeSchema.optional(),
  /** The shade was guessed from loss, cracks and time, and nobody looked. */
  guessed: z.literal(true).optional(),
});
const reading = row({ ...common, kind: z.literal('reading'), celsius });
/** Something the person changed: the control's id, and its new value (absent for an act such as a stir). */
const move = row({
  ...common,
  kind: z.literal('move'),
  control: z.string().max(40),
  value: setting.optional(),
});
const smell = row({ ...common, kind: z.literal('smell'), smell: z.enum(smells) });
/** The colour of the beans, as a tone of the bean ramp: 0 green to 1 near black. */
const colour = row({ ...common, kind: z.literal('colour'), tone: ramp });
/** Something else that was seen: the sheen, the smoke, how the beans move; in one of its words. */
const sense = row({
  ...common,
  kind: z.literal('sense'),
  sense: z.enum(senseKinds),
  word: z.string().min(1).max(40),
});
const note = row({ ...common, kind: z.literal('note'), text: z.string().trim().min(1).max(ENTRY_TEXT) });

/** A planned move that is not made: its place in `plannedMoves`. */
const skip = row({ ...common, kind: z.literal('skip'), planned: z.int().min(0).max(19) });

/** Says something new about an earlier entry. A field set to `null` is emptied; one left out stays. */
const amend = row({
  ...common,
  kind: z.literal('amend'),
  target: idSchema('entry'),
  happenedAt: secondsFromCharge.optional(),
  grams: z.number().min(ENTRY_GRAMS.least).max(ENTRY_GRAMS.most).nullable().optional(),
  shade: shadeSchema.nullable().optional(),
  /** That shade is a guess. */
  guessed: z.literal(true).optional(),
  text: z.string().trim().min(1).max(ENTRY_TEXT).optional(),
  /** What else was said wrongly: a reading, a setting, a smell, a colour, a word. */
  celsius: celsius.optional(),
  value: setting.optional(),
  smell: z.enum(smells).optional(),
  tone: ramp.optional(),
  word: z.string().min(1).max(40).optional(),
  /** The person was asked about it and stands by it. */
  sure: z.literal(true).optional(),
});
/** Takes an earlier entry back; an undo taken back brings it again. */
const undo = row({ ...common, kind: z.literal('undo'), target: idSchema('entry') });

const recorded = [mark, crack, pull, reading, move, smell, colour, sense, note, skip] as const;

/** One line of the log. The log only ever grows; what holds now is derived by `liveEntries`. */
export const entrySchema = z.discriminatedUnion('kind', [...recorded, amend, undo]);
/** As `entrySchema` has it, field by field. */
export type Entry = z.infer<typeof entrySchema>;

const recordedSchema = z.discriminatedUnion('kind', [...recorded]);
/** An entry that tells of the roast itself, not of another entry. */
export type Recorded = z.infer<typeof recordedSchema>;
/** As `pull` has it, field by field. */
export type PullEntry = z.infer<typeof pull>;

type Without<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;
/** What the person says; id, times and source are added when it is written. */
export type EntryDraft = Without<Entry, 'id' | 'at' | 'pressedAt' | 'source'>;
