/** Linear light of an sRGB value, each 0 to 1. Source: IEC 61966-2-1. */
export const linearOf = (value: number): number =>
  value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;

/** Luminance of linear sRGB, 0 to 1. Source: IEC 61966-2-1. */
export const luminance = (r: number, g: number, b: number): number => 0.2126 * r + 0.7152 * g + 0.0722 * b;

/** The cube root with its straight foot that CIE L*a*b* is made of. Source: CIE 15:2004, section 8.2.1. */
export const cieRoot = (t: number): number => (t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116);

/** CIE L* of a luminance, 0 to 1. Source: CIE 15:2004, section 8.2.1. */
export const lightnessOf = (y: number): number => 116 * cieRoot(y) - 16;

/** The luminance, 0 to 1, that has a lightness; the other way round. */
export const luminanceOf = (lightness: number): number =>
  lightness > 8 ? ((lightness + 16) / 116) ** 3 : (lightness * 27) / 24389;
