import type { Expectation } from '../forecast/index.ts';
import { type Control, controlsOf, type Gear, type UsualSeconds, valuesOf } from '../gear/index.ts';
import { schoolsFor } from '../plan/index.ts';
import { PLANNED, type PlannedMove, type PullRule } from '../roast/index.ts';
import type { Guide, Recipe } from './recipe.ts';

/** A recipe as it is to be roasted in such a batch on such gear. */
export interface CarriedRecipe {
  /** When to be where, whole seconds from charge: what the plan says and the roast screen holds the roast against. */
  readonly guide: Guide;
  /** How sure the two that count are: four in five such roasts would lie within. */
  readonly ranges: { readonly firstCrack: UsualSeconds | undefined; readonly pull: UsualSeconds };
  /** Undefined where the recipe has none, or one that makes no sense on this gear. */
  readonly pullRule: PullRule | undefined;
  readonly moves: readonly PlannedMove[];
  /** Moves of the recipe that the gear does not have. */
  readonly leftOut: readonly PlannedMove[];
  /** Roasts of the household on that gear that speak in it. */
  readonly fromRoasts: number;
}

/** The same batch on the same gear, as near as a scale and a scoop come: there the recipe's own times hold, unless they are somebody else's. */
export function isOwnBatch(
  recipe: Pick<Recipe, 'gearId' | 'greenGrams' | 'by'>,
  gearId: string,
  greenGrams: number,
): boolean {
  return (
    recipe.by === undefined && gearId === recipe.gearId && Math.abs(greenGrams / recipe.greenGrams - 1) < SAME_SHARE
  );
}
const SAME_SHARE = 0.02;

/**
 * Carries a recipe to a batch on some gear. In its own circumstances its times hold. Elsewhere they are what the forecast
 * expects there (`after`), by the recipe's pull rule and moves as far as the gear has them: the same that the plan shows
 * and the roast screen counts down to. Moves at times come sooner or later with the roast.
 */
export function carryRecipe(
  recipe: Recipe,
  after: Expectation,
  gear: Pick<Gear, 'method' | 'controls' | 'probe'>,
  own: boolean,
): CarriedRecipe {
  const { usualTimes, fromRoasts } = after;
  const guide = own ? recipe.guide : guideAt(recipe.guide, usualTimes);
  const { kept, leftOut, pullRule } = whatGearTakes(recipe, gear);
  const stretch = recipe.guide.pull > 0 ? guide.pull / recipe.guide.pull : 1;
  return {
    guide,
    ranges: { firstCrack: guide.firstCrack === undefined ? undefined : usualTimes.firstCrack, pull: usualTimes.pull },
    pullRule,
    moves: kept.map((move) =>
      move.when.kind === 'at'
        ? {
            ...move,
            when: { kind: 'at' as const, atS: Math.min(PLANNED.latestS, Math.round(move.when.atS * stretch)) },
          }
        : move,
    ),
    leftOut,
    fromRoasts,
  };
}

/** What of a recipe some gear can do at all, and what it cannot. */
export function whatGearTakes(
  { moves, pullRule, shade }: Pick<Recipe, 'moves' | 'pullRule' | 'shade'>,
  gear: Pick<Gear, 'method' | 'controls' | 'probe'>,
) {
  const controls = controlsOf(gear);
  const kept = moves.filter((move) => has(controls, move));
  const fits = pullRule && schoolsFor(gear, shade).some(({ kind }) => kind === pullRule.kind);
  return { kept, leftOut: moves.filter((move) => !kept.includes(move)), pullRule: fits ? pullRule : undefined };
}

/** The forecast's times in place of the guide's; marks after first crack keep their share of the way to the pull. */
function guideAt(guide: Guide, usualTimes: Expectation['usualTimes']): Guide {
  const [firstCrack, pull] = [
    usualTimes.firstCrack.medianS,
    Math.max(usualTimes.firstCrack.medianS, usualTimes.pull.medianS),
  ];
  const between = (atS: number | undefined) => {
    if (atS === undefined || guide.firstCrack === undefined || guide.pull <= guide.firstCrack) return undefined;
    return Math.round(firstCrack + ((atS - guide.firstCrack) * (pull - firstCrack)) / (guide.pull - guide.firstCrack));
  };
  const [firstCrackEnd, secondCrack] = [between(guide.firstCrackEnd), between(guide.secondCrack)];
  return {
    ...(guide.yellow === undefined ? {} : { yellow: Math.round(usualTimes.yellow.medianS) }),
    ...(guide.firstCrack === undefined ? {} : { firstCrack: Math.round(firstCrack) }),
    ...(firstCrackEnd === undefined ? {} : { firstCrackEnd }),
    ...(secondCrack === undefined ? {} : { secondCrack }),
    pull: Math.round(pull),
  };
}

function has(controls: readonly Control[], { control: id, value }: PlannedMove): boolean {
  const control = controls.find((each) => each.id === id);
  if (!control) return false;
  return control.kind === 'act' ? value === undefined : valuesOf(control).includes(String(value));
}
