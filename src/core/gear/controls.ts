import * as z from 'zod';

/**
 * What a person can change on a piece of gear while roasting. A `switch` has two words, a `step` a number inside its
 * bounds, an `act` is done and over. `axis` says which arrow keys drive it.
 */
export const controlSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('switch'), id: z.string(), label: z.string(), off: z.string(), on: z.string() }),
  z.strictObject({
    kind: z.literal('step'),
    id: z.string(),
    label: z.string(),
    least: z.number(),
    most: z.number(),
    start: z.number(),
    by: z.number().positive(),
    unit: z.string().optional(),
    axis: z.enum(['heat', 'air']).optional(),
  }),
  z.strictObject({ kind: z.literal('act'), id: z.string(), label: z.string(), done: z.string() }),
]);
export type Control = z.infer<typeof controlSchema>;
