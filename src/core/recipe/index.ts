export { type Recipe, recipeSchema } from './recipe.ts';
