import * as z from 'zod';
import { idSchema } from '../ids/index.ts';
import { row } from '../row/index.ts';

/** What a photo was taken of: the beans as they came out, or ground. On users' disks: never rename one alone. */
const lookedAt = ['whole', 'ground'] as const;

const lightness = z.number().min(0).max(100);
const share = z.number().min(0).max(1);

/** What a photo beside white paper told of a batch or a part of it (core/look). The photo itself lies apart, and may be gone. */
export const lookSchema = row({
  id: idSchema('look'),
  /** When it was taken or chosen, UTC. */
  takenAt: z.iso.datetime(),
  /** The pull whose beans it shows. */
  pullId: idSchema('entry').optional(),
  of: z.enum(lookedAt),
  /** CIE L* of the matt surface, median of the beans, and where it lies four times in five. */
  lightness,
  least: lightness,
  most: lightness,
  /** How far beans differ, L*, standard deviation. */
  spread: z.number().min(0).max(50).optional(),
  paleShare: share.optional(),
  scorchedShare: share.optional(),
  /** How many beans were measured, and about how many lie there. */
  measured: z.int().min(0).max(5000),
  beans: z.int().min(0).max(5000).optional(),
  /** The photo is a tray that simulated beans drew, and can be drawn again. */
  drawn: z.literal(true).optional(),
});
/** As `lookSchema` has it, field by field. */
export type RoastLook = z.infer<typeof lookSchema>;

/** So many are kept with a roast. */
export const MOST_LOOKS = 24;
