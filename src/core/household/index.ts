export { householdFromLocale } from './fromLocale.ts';
export {
  type Ahead,
  type HourClock,
  type Household,
  householdSchema,
  MOST_PEOPLE,
  weekStarts,
} from './household.ts';
export { plainHousehold } from './plainHousehold.ts';
export { gramsADay, gramsOnDay, mugGrams, mugsIn, withUseKept } from './use.ts';
export { type Written, type WrittenAs, writtenAs } from './written.ts';
