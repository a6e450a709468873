export { beanColour, fieldColour, shadeTone, TONE } from './beanRamp.ts';
export { colourName, namedColours } from './colours.ts';
export { cieRoot, lightnessOf, linearOf, luminance, luminanceOf } from './lightness.ts';
export { believableLoss, judgeLoss, lossPercent } from './loss.ts';
export { shadeSchema } from './shadeSchema.ts';
export {
  FIRST_CRACK_END_SHARE,
  MEDIUM,
  SECOND_CRACK_SHARE,
  type ShadeBand,
  type ShadeNumber,
  shadeBand,
  shadeName,
  shadeNumbers,
  shadeOf,
  shadeOfLightness,
  shades,
} from './shades.ts';
