import { type Found, findBeans } from './beans.ts';
import { type Light, lightOf, type Picture, smallerLight } from './light.ts';
import { type BeanMeasured, measured } from './measured.ts';
import { PAPER_PIXELS } from './paper.ts';
import { type Patches, scorchedPatches } from './patches.ts';
import { type Reference, referenceOf } from './reference.ts';
import { edgeWidth } from './sharpness.ts';
import { surfaceOf } from './surface.ts';

/** All that is known of a picture before anything is said of it. */
export interface Examined {
  readonly light: Light;
  /** The same in few pixels. */
  readonly small: Light;
  readonly reference?: Reference;
  /** Width of its steepest edges, pixels of `light`. */
  readonly edgeWidth?: number;
  readonly found?: Found;
  readonly beans?: readonly BeanMeasured[];
  readonly patches?: Patches;
}

/** A picture is made so small before beans are looked for: at arm's length a bean is then 30 to 60 pixels long. */
export const LOOK_PIXELS = 700_000;

/** Finds paper and beans in a picture, and measures them. */
export function examine(picture: Picture): Examined {
  const light = lightOf(picture, LOOK_PIXELS);
  const small = smallerLight(light, PAPER_PIXELS);
  const reference = referenceOf(light, small);
  if (!reference) return { light, small };
  const surface = surfaceOf(light, reference.white);
  const width = edgeWidth(surface);
  const found = findBeans(surface, reference.isPaper);
  const beans = measured(found.beans, surface);
  return {
    light,
    small,
    reference,
    ...(width !== undefined && { edgeWidth: width }),
    found,
    beans,
    patches: scorchedPatches(surface, found, beans, reference.isPaper),
  };
}
