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
export { gramsADay, mugGrams, mugsIn } from './use.ts';
