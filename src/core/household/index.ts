export { householdFromLocale } from './fromLocale.ts';
export {
  type Ahead,
  aheadSchema,
  type HourClock,
  type Household,
  hourClocks,
  householdSchema,
  type WeekStart,
  weekStarts,
} from './household.ts';
export { plainHousehold } from './plainHousehold.ts';
export { daysOf, gramsADay, gramsOnDay, mugGrams, mugsIn, withUseKept } from './use.ts';
