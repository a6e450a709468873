/** How dark, on our own scale. The number is what is stored. */
export const shadeNumbers = [1, 2, 3, 4, 5, 6, 7] as const;
/** One of `shadeNumbers`. */
export type ShadeNumber = (typeof shadeNumbers)[number];
/** What is meant where nobody said a shade. */
export const MEDIUM: ShadeNumber = 4;

/** What a shade is: a row of handbook table 5. */
export interface Shade {
  readonly number: ShadeNumber;
  readonly name: string;
  readonly traditional: string;
  /** What is heard or seen when it is reached. */
  readonly landmark: string;
  /** Weight lost from green to roasted, per cent. */
  readonly lossPercent: { readonly mean: number; readonly sd: number };
  /** CIE L* of the whole beans. */
  readonly lightness: number;
  /**
   * When it is reached, as a share of the time that medium takes after first crack. The handbook gives landmarks only;
   * these shares are common roasting knowledge: medium-dark at the first snaps, light while first crack still runs.
   */
  readonly afterCrackShare: number;
  /**
   * Seconds of rolling second crack at which it is meant to leave the heat; a light roast that reaches second crack is missed.
   * Half a minute is dark, a minute very dark (handbook, section 14); the figures between are ours.
   */
  readonly secondCrackS: number;
  /** How far the beans are browned, read as °C: between the readings of handbook section 6. The simulation goes by it. */
  readonly brownedC: number;
}

// Source: handbook, section 5, table; afterCrackShare as said above.
// biome-ignore format: a table
const table = {
  1: { number: 1, name: 'cinnamon', traditional: 'cinnamon', landmark: 'first pops', lossPercent: { mean: 11.5, sd: 1.2 }, lightness: 45, afterCrackShare: 0.2, secondCrackS: 0, brownedC: 200 },
  2: { number: 2, name: 'light', traditional: 'light city', landmark: 'inside first crack', lossPercent: { mean: 12.5, sd: 1.2 }, lightness: 40, afterCrackShare: 0.5, secondCrackS: 0, brownedC: 205.5 },
  3: { number: 3, name: 'light-medium', traditional: 'city', landmark: 'first crack just over', lossPercent: { mean: 13.5, sd: 1.2 }, lightness: 35, afterCrackShare: 0.8, secondCrackS: 0, brownedC: 211 },
  4: { number: 4, name: 'medium', traditional: 'full city', landmark: 'quiet gap', lossPercent: { mean: 14.7, sd: 1.2 }, lightness: 30, afterCrackShare: 1, secondCrackS: 0, brownedC: 217 },
  5: { number: 5, name: 'medium-dark', traditional: 'full city plus', landmark: 'first snaps of second crack', lossPercent: { mean: 16.2, sd: 1.3 }, lightness: 25, afterCrackShare: 1.3, secondCrackS: 5, brownedC: 224 },
  6: { number: 6, name: 'dark', traditional: 'vienna', landmark: 'rolling second crack', lossPercent: { mean: 18, sd: 1.5 }, lightness: 21, afterCrackShare: 1.6, secondCrackS: 25, brownedC: 231 },
  7: { number: 7, name: 'very dark', traditional: 'french', landmark: 'second crack thinning, wet with oil', lossPercent: { mean: 20.5, sd: 1.8 }, lightness: 17, afterCrackShare: 1.9, secondCrackS: 50, brownedC: 239 },
} as const satisfies Record<ShadeNumber, Shade>;

/** All seven, lightest first. */
export const shades: readonly Shade[] = shadeNumbers.map((number) => table[number]);

/** The row of one shade. */
export function shadeOf(number: ShadeNumber): Shade {
  return table[number];
}

/** The shade whose lightness, L* of whole beans, is nearest. */
export function shadeOfLightness(lightness: number): ShadeNumber {
  let nearest: Shade = table[MEDIUM];
  for (const shade of shades)
    if (Math.abs(shade.lightness - lightness) < Math.abs(nearest.lightness - lightness)) nearest = shade;
  return nearest.number;
}

/** The handbook gives some things for three bands of the seven shades only. */
export type ShadeBand = 'light' | 'medium' | 'dark';

/** The band of a shade: up to light-medium counts as light, from dark on as dark. */
export function shadeBand(shade: ShadeNumber): ShadeBand {
  if (shade <= 3) return 'light';
  return shade <= 5 ? 'medium' : 'dark';
}

/** First crack is over at so much of the time from first crack to a medium pull; that is where shade 3 is pulled. */
export const FIRST_CRACK_END_SHARE = table[3].afterCrackShare;
/** Second crack begins at so much of the time from first crack to a medium pull; that is where shade 5 is pulled. */
export const SECOND_CRACK_SHARE = table[5].afterCrackShare;

/** The shade's name in the label scheme that the household chose. */
export function shadeName(number: ShadeNumber, scheme: 'ours' | 'traditional'): string {
  return scheme === 'ours' ? table[number].name : table[number].traditional;
}
