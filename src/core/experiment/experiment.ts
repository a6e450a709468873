import * as z from 'zod';
import { idSchema } from '../ids/index.ts';
import { row } from '../row/index.ts';
import { nextChangeSchema } from './nextChange.ts';

const at = z.iso.datetime();

/** What came of an experiment. On users' disks: never rename one alone. */
export const outcomes = ['helped', 'worse', 'noDifference'] as const;
/** One of `outcomes`. */
export type Outcome = (typeof outcomes)[number];

/** A question that two roasts answer: one thing is changed, the rest stays. */
export const experimentSchema = row({
  id: idSchema('experiment'),
  /** "Longer browning?" */
  question: z.string().trim().min(1).max(200),
  change: nextChangeSchema,
  /** The finding it started from; absent when the person asked of themselves. */
  finding: z.string().max(40).optional(),
  /** The roast as it was, and the one with the change; B may be another part of A's staged pull. */
  aRoastId: idSchema('roast'),
  bRoastId: idSchema('roast').optional(),
  aPullId: idSchema('entry').optional(),
  bPullId: idSchema('entry').optional(),
  /** The blind flight that was to answer it. */
  flightId: idSchema('flight').optional(),
  outcome: z.enum(outcomes).optional(),
  answeredAt: at.optional(),
  note: z.string().trim().max(1000).optional(),
  createdAt: at,
});
/** As `experimentSchema` has it, field by field. */
export type Experiment = z.infer<typeof experimentSchema>;

/** Whether it asks which of two parts of one staged pull is better: then nothing was changed, and its `change` says nothing. */
export const comparesParts = ({ aRoastId, bRoastId }: Pick<Experiment, 'aRoastId' | 'bRoastId'>): boolean =>
  aRoastId === bRoastId;
