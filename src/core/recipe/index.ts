export { recipeFrom } from './fromRoast.ts';
export {
  type Closeness,
  closenessTo,
  type PaceAt,
  type PaceMilestone,
  paceAgainst,
  paceParts,
  paceWords,
} from './pace.ts';
export { type Recipe, recipeSchema } from './recipe.ts';
export { type ScaledRecipe, type SimulatedTimes, scaledRecipe } from './scaled.ts';
