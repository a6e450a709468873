export { type BatchPlan, batchesTakeS, batchesWithin, planForGreen, planForRoasted } from './batches.ts';
export { bestOrder } from './bestOrder.ts';
export { type Difference, differencesFrom } from './changes.ts';
export { MOST_DAY_BATCHES, USUAL_START } from './dayFigures.ts';
export { dayId } from './dayId.ts';
export { type BatchRow, type DayFacts, type DayLine, type DayPlan, dayPlan, daysWork } from './dayPlan.ts';
export { dayReasons } from './dayReasons.ts';
export { dayTotals } from './dayTotals.ts';
export { goesOn } from './goesOn.ts';
export { type BatchAhead, beansAhead, countsOfBeans, givenAhead, greenAhead } from './greenAhead.ts';
export { guessShade, type ShadeGuess, type ShadeSigns } from './guessShade.ts';
export {
  estimateLoss,
  type LossEstimate,
  type LossRecord,
  tableLossPercent,
  type UsualLoss,
  usualLoss,
} from './lossEstimate.ts';
export { messSentence } from './mess.ts';
export { type Amount, type AmountBasis, type AmountOf, parseAmount, parseUse } from './parseAmount.ts';
export { preflightFor } from './preflight.ts';
export {
  isUnusualRule,
  type ProposedRule,
  type PullRecord,
  proposedRule,
  pullRecordOf,
} from './proposedRule.ts';
export { pullSchools, ruleClock, ruleWords, schoolOf, schoolsFor } from './pullRules.ts';
export {
  type DayBatch,
  type RoastDay,
  roastDaySchema,
} from './roastDay.ts';
export { HANDLING_S, type Job, type Schedule, type Standing, scheduleInOrder } from './schedule.ts';
export { equalParts, LEAST_PART_GRAMS, stagedParts, stagedShades } from './stagedPull.ts';
export {
  type PlannedDay,
  type StockJar,
  type StockPlan,
  stockAhead,
} from './stockAhead.ts';
export { windowDays } from './windowDays.ts';
