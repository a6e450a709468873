import { ruleWords } from '@/core/plan';
import type { Recipe } from '@/core/recipe';
import type { ShadeNumber } from '@/core/shade';

interface Words {
  readonly weight: (grams: number) => string;
  readonly degrees: (celsius: number) => string;
  readonly shade: (number: ShadeNumber) => string;
}

/** A recipe in a line: what, how much, in which gear, how dark, pulled by what. */
export function recipeWords(recipe: Recipe, lotName: string, gearName: string, words: Words): string {
  const rule = recipe.pullRule ? `, pulled ${ruleWords(recipe.pullRule, words.degrees)}` : '';
  return `${words.weight(recipe.greenGrams)} of ${lotName} in the ${gearName}, ${words.shade(recipe.shade)}${rule}`;
}
