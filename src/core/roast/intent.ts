import * as z from 'zod';
import { row } from '../row/index.ts';
import { shadeSchema } from '../shade/index.ts';
import { ENTRY_S, milestones, PLANNED } from './roastKinds.ts';

const seconds = z.number().min(0).max(900);

/** When this person means to pull (handbook, section 5: the schools). Danger outranks every rule. */
export const pullRuleSchema = z.discriminatedUnion('kind', [
  row({ kind: z.literal('afterFirstCrack'), seconds }),
  row({ kind: z.literal('afterFirstCrackEnd'), seconds }),
  row({ kind: z.literal('firstSnaps') }),
  row({ kind: z.literal('intoSecondCrack'), seconds }),
  row({ kind: z.literal('colour') }),
  /** Degrees past this gear's own reading at first crack, °C. */
  row({ kind: z.literal('probe'), degreesPast: z.number().min(0).max(60) }),
  row({ kind: z.literal('smell') }),
]);
/** As `pullRuleSchema` has it, field by field. */
export type PullRule = z.infer<typeof pullRuleSchema>;
/** What a pull is meant to go by. */
export type PullRuleKind = PullRule['kind'];

/** A move meant for a milestone or a time. */
export const plannedMoveSchema = row({
  when: z.discriminatedUnion('kind', [
    row({ kind: z.literal('at'), atS: z.number().min(0).max(PLANNED.latestS) }),
    row({ kind: z.literal('milestone'), milestone: z.enum(milestones).exclude(['pull', 'cooled']) }),
  ]),
  control: z.string().min(1).max(40),
  /** Absent for an act such as a stir. */
  value: z.union([z.string().max(40), z.number()]).optional(),
});
/** As `plannedMoveSchema` has it, field by field. */
export type PlannedMove = z.infer<typeof plannedMoveSchema>;

/** One part of a staged pull: its shade, and its share of the green. */
export const plannedPartSchema = row({ shade: shadeSchema, share: z.number().positive().max(1) });
/** As `plannedPartSchema` has it, field by field. */
export type PlannedPart = z.infer<typeof plannedPartSchema>;

/** The wind where the roast is made. On users' disks: never rename one alone. */
export const winds = ['calm', 'breeze', 'strong'] as const;
/** One of `winds`. */
export type Wind = (typeof winds)[number];
/** How each is called on the screen. */
export const windNames = {
  calm: 'calm',
  breeze: 'a breeze',
  strong: 'a strong wind',
} as const satisfies Record<Wind, string>;

const atS = z.number().min(0).max(ENTRY_S.most);
/** When a roast is meant to be where, seconds from charge. */
export const guideSchema = row({
  yellow: atS.optional(),
  firstCrack: atS.optional(),
  firstCrackEnd: atS.optional(),
  secondCrack: atS.optional(),
  pull: atS,
});
