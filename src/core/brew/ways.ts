import { doseForWater, STEEP_S, WATER_C } from './brew.ts';

/** Ways to brew that the jar's page reckons. */
export const brewWays = ['cup', 'judging', 'concentrate', 'coldBrew'] as const;
/** One of `brewWays`. */
export type BrewWay = (typeof brewWays)[number];
/** How each is called on the screen. */
export const brewWayNames = {
  cup: 'to drink',
  judging: 'to judge the roast',
  concentrate: 'as a concentrate',
  coldBrew: 'as cold brew',
} as const satisfies Record<BrewWay, string>;

/** How to brew an amount: what goes together, how warm, how long, and what thins it afterwards. */
export interface BrewPlan {
  readonly grams: number;
  /** Water with the grounds, ml. */
  readonly waterMl: number;
  /** Water that thins it afterwards, ml; 0 for none. */
  readonly thinMl: number;
  /** °C; cold water when absent. */
  readonly waterC: { readonly least: number; readonly most: number } | undefined;
  readonly steepS: { readonly least: number; readonly most: number };
}

// The handbook has neither way. Common brewing knowledge: a concentrate takes the cup's coffee in half its water and is
// thinned with the rest; cold water takes out less, so a third more coffee, coarse, twelve to sixteen hours in the cold.
const CONCENTRATE_SHARE = 0.5;
const COLD_TIMES = 4 / 3;
const COLD_S = { least: 12 * 3600, most: 16 * 3600 } as const;

/** Plans a brew of `drinkMl` in the cup, at the household's strength. Throws RangeError unless both are above zero. */
export function planBrew(way: BrewWay, drinkMl: number, gramsPerLitre: number): BrewPlan {
  const { grams, waterMl } = doseForWater(drinkMl, gramsPerLitre);
  const hot = { waterC: WATER_C, steepS: { least: STEEP_S, most: STEEP_S } };
  switch (way) {
    case 'cup':
    case 'judging':
      return { grams, waterMl, thinMl: 0, ...hot };
    case 'concentrate':
      return { grams, waterMl: waterMl * CONCENTRATE_SHARE, thinMl: waterMl * (1 - CONCENTRATE_SHARE), ...hot };
    case 'coldBrew':
      return { grams: Math.round(grams * COLD_TIMES * 10) / 10, waterMl, thinMl: 0, waterC: undefined, steepS: COLD_S };
  }
}

/** How much can be drunk of what some coffee makes in such a way, ml: the same the other way round. */
export function drinkMlFrom(way: BrewWay, grams: number, gramsPerLitre: number): number {
  return (grams * 1000) / (gramsPerLitre * (way === 'coldBrew' ? COLD_TIMES : 1));
}
