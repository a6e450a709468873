import { circumstancesOf, expectationFor, type ForecastQuestion } from '@/core/forecast';
import type { Gear } from '@/core/gear';
import { type CarriedRecipe, carryRecipe, isOwnBatch, type Recipe, whatGearTakes } from '@/core/recipe';
import type { GanderDatabase } from './database.ts';
import { roastHistory } from './history.ts';

/**
 * A recipe for so much green on such gear: the one answer for its page, the plan and the roast screen. `asked` is what
 * the plan asks the forecast, with its weather, rule and moves; without it the recipe's own are asked.
 */
export async function carriedRecipe(
  db: GanderDatabase,
  recipe: Recipe,
  gear: Gear,
  greenGrams: number,
  asked?: ForecastQuestion,
): Promise<CarriedRecipe> {
  const [past, lot] = await Promise.all([roastHistory(db), db.lots.get(recipe.lotId)]);
  const { kept, pullRule } = whatGearTakes(recipe, gear);
  const batch = {
    lotId: recipe.lotId,
    gearId: gear.id,
    greenGrams,
    wantedShade: recipe.shade,
    plannedMoves: [...kept],
  };
  const question = asked ?? { ...circumstancesOf(batch, lot, gear), rule: pullRule };
  return carryRecipe(recipe, expectationFor(question, past), gear, isOwnBatch(recipe, gear.id, greenGrams));
}
