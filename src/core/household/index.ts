export { type Household, householdSchema } from './household.ts';
export { plainHousehold } from './plainHousehold.ts';
