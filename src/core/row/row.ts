import * as z from 'zod';

/**
 * The schema of a stored row, or of a part of one. Fields that this Gander does not know are kept as they are: a newer one may add an
 * optional field without a new version, and an older one that opens its notebook loses nothing. By type they are not there, so
 * that code cannot use what it does not know.
 */
export function row<const S extends z.core.$ZodLooseShape>(shape: S): ReturnType<typeof z.strictObject<S>> {
  return z.looseObject(shape) as unknown as ReturnType<typeof z.strictObject<S>>;
}
