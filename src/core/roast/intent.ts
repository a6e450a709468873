import * as z from 'zod';
import { shadeSchema } from '../shade/index.ts';
import { ENTRY_S, milestones } from './kinds.ts';

const seconds = z.number().min(0).max(900);

/** When this person means to pull (handbook, section 5: the schools). Danger outranks every rule. */
export const pullRuleSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('afterFirstCrack'), seconds }),
  z.strictObject({ kind: z.literal('afterFirstCrackEnd'), seconds }),
  z.strictObject({ kind: z.literal('firstSnaps') }),
  z.strictObject({ kind: z.literal('intoSecondCrack'), seconds }),
  z.strictObject({ kind: z.literal('colour') }),
  /** Degrees past this gear's own reading at first crack, °C. */
  z.strictObject({ kind: z.literal('probe'), degreesPast: z.number().min(0).max(60) }),
  z.strictObject({ kind: z.literal('smell') }),
]);
export type PullRule = z.infer<typeof pullRuleSchema>;
export type PullRuleKind = PullRule['kind'];

/** A move meant for a milestone or a time. */
export const plannedMoveSchema = z.strictObject({
  when: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('at'), atS: z.number().min(0).max(7200) }),
    z.strictObject({ kind: z.literal('milestone'), milestone: z.enum(milestones).exclude(['pull', 'cooled']) }),
  ]),
  control: z.string().min(1).max(40),
  /** Absent for an act such as a stir. */
  value: z.union([z.string().max(40), z.number()]).optional(),
});
export type PlannedMove = z.infer<typeof plannedMoveSchema>;

/** One part of a staged pull: its shade, and its share of the green. */
export const plannedPartSchema = z.strictObject({ shade: shadeSchema, share: z.number().positive().max(1) });
export type PlannedPart = z.infer<typeof plannedPartSchema>;

/** The wind where the roast is made. On users' disks: never rename one alone. */
export const winds = ['calm', 'breeze', 'strong'] as const;
export type Wind = (typeof winds)[number];
export const windNames = {
  calm: 'calm',
  breeze: 'a breeze',
  strong: 'a strong wind',
} as const satisfies Record<Wind, string>;

const atS = z.number().min(0).max(ENTRY_S.most);
/** When a roast is meant to be where, seconds from charge. */
export const guideSchema = z.strictObject({
  yellow: atS.optional(),
  firstCrack: atS.optional(),
  firstCrackEnd: atS.optional(),
  secondCrack: atS.optional(),
  pull: atS,
});
