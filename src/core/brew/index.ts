export { CUP_ML, DOSE_RANGE, type Dose, doseForMugs, doseForWater, STEEP_S, WATER_C, waterForGrams } from './brew.ts';
