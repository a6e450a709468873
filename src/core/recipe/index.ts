export { type CarriedRecipe, carryRecipe, isOwnBatch, whatGearTakes } from './carried.ts';
export { type WhatToDo, whatToDo } from './fromRoast.ts';
export { likestGear, likestLot } from './likest.ts';
export {
  closenessTo,
  paceAgainst,
  paceParts,
  paceWords,
} from './pace.ts';
export { type Guide, type Recipe, recipeSchema } from './recipe.ts';
