import type { Household } from './household.ts';

/** A household that has chosen nothing yet. */
export const plainHousehold: Household = { name: '', weightUnit: 'g', shadeNames: 'ours', theme: 'system' };
