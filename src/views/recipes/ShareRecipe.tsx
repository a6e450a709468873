import { type Lot, lotTitle } from '@/core/bean';
import type { Gear } from '@/core/gear';
import { ruleWords } from '@/core/plan';
import type { Recipe } from '@/core/recipe';
import { ribbonOf, ribbonOfGuide } from '@/core/roast';
import { formatWeight } from '@/core/units';
import { ShareSheet } from '@/ui/ShareSheet';
import { useWords } from '@/ui/useHousehold';
import { recipeSteps } from './recipeSteps';

interface ShareRecipeProps {
  readonly recipe: Recipe;
  readonly lot: Lot | undefined;
  readonly gear: Gear | undefined;
  readonly onSave: () => void;
  readonly onClose: () => void;
}

/** This recipe for somebody else. */
export function ShareRecipe({ recipe, lot, gear, onSave, onClose }: ShareRecipeProps) {
  const words = useWords();
  const meant = { guide: recipe.guide, wantedShade: recipe.shade };
  return (
    <ShareSheet
      shared={{
        title: recipe.name,
        facts: [
          ['By', recipe.by],
          ['Beans', lot && lotTitle(lot)],
          ['Gear', gear?.nickname],
          ['Green', formatWeight(recipe.greenGrams, words.weightUnit)],
          ['Shade', words.shade(recipe.shade)],
          ['Pulled', recipe.pullRule && ruleWords(recipe.pullRule, words.degrees)],
          ['Loss', recipe.lossPercent === undefined ? undefined : `${recipe.lossPercent.toFixed(1)} %`],
        ],
        events: recipeSteps(recipe, gear).map(({ clock, says }) => [clock, says] as const),
        note: recipe.note,
      }}
      ribbon={ribbonOfGuide(meant) ?? ribbonOf({ ...meant, entries: [] })}
      fileName={`recipe-${recipe.name}`}
      onSave={onSave}
      onClose={onClose}
    />
  );
}
