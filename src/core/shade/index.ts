export { beanColour, type FieldColour, fieldColour, luminance, shadeTone, TONE } from './beanRamp.ts';
export { colourName, type NamedColour, namedColours } from './colours.ts';
export { believableLoss, judgeLoss, type LossVerdict, lossPercent } from './loss.ts';
export { MEDIUM, type Shade, type ShadeNumber, shadeName, shadeNumbers, shadeOf, shades } from './shades.ts';
