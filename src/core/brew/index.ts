export { CUP_ML, DOSE_RANGE, doseForWater, waterForGrams } from './brew.ts';
export { type BrewPlan, type BrewWay, brewWayNames, brewWays, drinkMlFrom, planBrew } from './ways.ts';
