import * as z from 'zod';

/** The kinds of thing that carry an id. The prefix is on users' disks: never change one alone. */
const idKinds = [
  'roast',
  'entry',
  'lot',
  'gear',
  'day',
  'batch',
  'jar',
  'cup',
  'flight',
  'recipe',
  'experiment',
  'view',
  'sound',
  'look',
] as const;
/** One of `idKinds`. */
export type IdKind = (typeof idKinds)[number];
/** The id of a row of a kind: `roast:` and letters. Kinds cannot be mixed up. */
export type Id<Kind extends IdKind> = `${Kind}:${string}` & z.$brand<Kind>;

/** The schema of an id of one kind, such as `roast:7k2m…`: the prefix, then 4 to 24 lower-case letters and digits. */
export function idSchema<Kind extends IdKind>(kind: Kind) {
  const pattern = new RegExp(`^${kind}:[0-9a-z]{4,24}$`);
  return z.string().regex(pattern, { error: `expected an id that begins with "${kind}:"` }) as unknown as z.ZodType<
    Id<Kind>
  >;
}
