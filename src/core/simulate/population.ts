import { traitsOf } from '../bean/index.ts';
import { normal, type Random } from '../chance/index.ts';
import type { SimulatedLot } from './setUp.ts';

/** A bean weighs about this much green, grams. */
const BEAN_GRAMS = 0.13;
/** Mean temperatures of the bean mass at which beans crack, °C. Source: handbook, section 6: 193-205 and 222-231. */
const FIRST_CRACK_C = 201.5;
const SECOND_CRACK_C = 228.5;
/** How much beans of one lot differ in that, by size, density and place in the heap; °C, standard deviation. */
const FIRST_SPREAD_C = 2.7;
const SECOND_SPREAD_C = 2.4;
/** A few crack long before the others: share, and how much earlier, °C. */
const OUTLIERS = 0.012;
const OUTLIERS_BEFORE_C = 7;
/** Of the cracks, so many are heard as pops and snaps of their own. */
const HEARD_FIRST = 0.3;
const HEARD_SECOND = 0.45;

/** The beans of a batch: at which mean temperature each crack is heard, ascending, °C. */
export interface Population {
  readonly first: Float64Array;
  readonly second: Float64Array;
  /** How far the beans differ in colour, as °C of browning, standard deviation. */
  readonly spreadC: number;
}

/** How much wider than usual a lot's beans differ. */
function spreadFactor({ process, grading }: SimulatedLot): number {
  return traitsOf(process).spread * (grading === 'mixed' ? 1.4 : grading === 'peaberry' ? 0.9 : 1);
}

/** Draws the beans of `greenGrams` of a lot that moves so well (1 well, less widens the spread). */
export function drawPopulation(lot: SimulatedLot, greenGrams: number, movement: number, random: Random): Population {
  const factor = spreadFactor(lot) * (movement < 0.7 ? 1 + (0.7 - movement) : 1);
  const beans = greenGrams / BEAN_GRAMS;
  const { heard } = traitsOf(lot.process);
  const draw = (count: number, atC: number, spreadC: number) => {
    const drawn = Float64Array.from({ length: Math.round(count) }, () => {
      const early = random() < OUTLIERS ? OUTLIERS_BEFORE_C * (0.6 + random()) : 0;
      return atC + normal(random) * spreadC * factor - early;
    });
    return drawn.sort();
  };
  return {
    first: draw(beans * HEARD_FIRST * heard, FIRST_CRACK_C, FIRST_SPREAD_C),
    second: draw(beans * HEARD_SECOND * heard, SECOND_CRACK_C, SECOND_SPREAD_C),
    spreadC: FIRST_SPREAD_C * factor,
  };
}
