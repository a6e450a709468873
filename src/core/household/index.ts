export { cameraDrift } from './cameraDrift.ts';
export { householdFromLocale } from './fromLocale.ts';
export {
  type Ahead,
  type HourClock,
  type Household,
  householdSchema,
  MOST_REFERENCES,
  weekStarts,
} from './household.ts';
export { plainHousehold } from './plainHousehold.ts';
export { gramsADay, gramsOnDay, mugGrams, mugsIn, withUseKept } from './use.ts';
