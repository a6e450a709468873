export { CUP_ML, DOSE_RANGE, type Dose, doseForWater, STEEP_S, WATER_C, waterForGrams } from './brew.ts';
export { type BrewPlan, type BrewWay, brewWayNames, brewWays, drinkMlFrom, planBrew } from './ways.ts';
