import type { Expectation } from '../forecast/index.ts';
import type { UsualSeconds } from '../gear/index.ts';
import type { PlannedMove } from '../roast/index.ts';
import type { Recipe } from './recipe.ts';

/** How times change from the recipe's batch and gear to others, by the simulation: factors. */
export interface SimulatedTimes {
  readonly firstCrackTimes: number;
  readonly pullTimes: number;
  readonly stuck: boolean;
}

/** A recipe for another batch or gear, with how sure its times are. */
export interface ScaledRecipe {
  readonly guide: Readonly<Partial<Record<'yellow' | 'firstCrack' | 'pull', UsualSeconds>>>;
  /** Moves at times come sooner or later with the roast; those of other gear are left out. */
  readonly moves: readonly PlannedMove[];
  readonly leftOut: number;
  /** How much of the answer comes from the household's own roasts, 0 to 1. */
  readonly ownShare: number;
}

/** The simulation's times are right to about so much (it is held to table 4 within 12 %), as a log. */
const SIMULATED_SD = 0.1;
/** A range of 80 % is so many standard deviations wide, and reaches so many to either side. */
const RANGE_SDS = 2.563;
const SIDE_SDS = 1.2816;

/**
 * Carries a recipe to another batch or gear. The factor on each time is what the household's own roasts say (`before` and
 * `after` are what they expect of the recipe's circumstances and of the new ones) and what the simulation says, each by
 * its precision. `keepsGear` is false where the moves mean nothing on the new gear.
 */
export function scaledRecipe(
  recipe: Recipe,
  before: Expectation,
  after: Expectation,
  simulated: SimulatedTimes,
  keepsGear: boolean,
): ScaledRecipe {
  const ownShares: number[] = [];
  const scale = (milestone: 'yellow' | 'firstCrack' | 'pull', simulatedTimes: number): UsualSeconds | undefined => {
    const meant = recipe.guide[milestone];
    if (meant === undefined) return undefined;
    const own = Math.log(after.at[milestone].medianS / before.at[milestone].medianS);
    const ownSd = Math.log(after.at[milestone].lateS / after.at[milestone].earlyS) / RANGE_SDS;
    const [wOwn, wSimulated] = [1 / ownSd ** 2, 1 / SIMULATED_SD ** 2];
    ownShares.push(wOwn / (wOwn + wSimulated));
    const factor = Math.exp((wOwn * own + wSimulated * Math.log(simulatedTimes)) / (wOwn + wSimulated));
    const sd = Math.sqrt(1 / (wOwn + wSimulated));
    const medianS = meant * factor;
    return { medianS, earlyS: medianS * Math.exp(-SIDE_SDS * sd), lateS: medianS * Math.exp(SIDE_SDS * sd) };
  };
  const firstCrack = scale('firstCrack', simulated.firstCrackTimes);
  const yellow = scale('yellow', simulated.firstCrackTimes);
  const pull = scale('pull', simulated.pullTimes);
  const stretch = pull && recipe.guide.pull > 0 ? pull.medianS / recipe.guide.pull : 1;
  const moves = keepsGear
    ? recipe.moves.map((move) =>
        move.when.kind === 'at'
          ? { ...move, when: { kind: 'at' as const, atS: Math.round(move.when.atS * stretch) } }
          : move,
      )
    : [];
  return {
    guide: { ...(yellow ? { yellow } : {}), ...(firstCrack ? { firstCrack } : {}), ...(pull ? { pull } : {}) },
    moves,
    leftOut: recipe.moves.length - moves.length,
    ownShare: ownShares.reduce((sum, each) => sum + each, 0) / Math.max(1, ownShares.length),
  };
}
