import * as z from 'zod';

const id = z.string().min(1).max(40);
const label = z.string().min(1).max(40);
/** Which arrow keys drive it. */
const axis = z.enum(['heat', 'air']).optional();

/**
 * What a person can change on a piece of gear while roasting. A `switch` has two words, a `step` a number inside its
 * bounds, `words` a few settings in order, an `act` is done and over.
 */
export const controlSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('switch'), id, label, off: z.string(), on: z.string() }),
  z.strictObject({
    kind: z.literal('step'),
    id,
    label,
    least: z.number(),
    most: z.number(),
    start: z.number(),
    by: z.number().positive(),
    unit: z.string().optional(),
    axis,
  }),
  z.strictObject({
    kind: z.literal('words'),
    id,
    label,
    words: z.array(z.string().min(1).max(40)).min(2).max(9),
    start: z.string(),
    axis,
  }),
  z.strictObject({ kind: z.literal('act'), id, label, done: z.string() }),
]);
export type Control = z.infer<typeof controlSchema>;

/** The value a control has before it is touched: the switch's `off`, where the others start, nothing for an act. */
export function initialValue(control: Control): string | number | undefined {
  switch (control.kind) {
    case 'switch':
      return control.off;
    case 'step':
    case 'words':
      return control.start;
    case 'act':
      return undefined;
  }
}

/** The next value up or down from `value`, held at the ends; undefined for what has no up and down. */
export function steppedValue(
  control: Control,
  value: string | number | undefined,
  by: 1 | -1,
): string | number | undefined {
  switch (control.kind) {
    case 'step':
      return Math.min(control.most, Math.max(control.least, Number(value) + by * control.by));
    case 'words': {
      const at = control.words.indexOf(String(value));
      return control.words[Math.min(control.words.length - 1, Math.max(0, at + by))];
    }
    case 'switch':
    case 'act':
      return undefined;
  }
}
