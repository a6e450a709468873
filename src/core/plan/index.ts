export { type BatchPlan, batchesTakeS, batchesWithin, planForGreen, planForRoasted } from './batches.ts';
export { bestOrder } from './bestOrder.ts';
export { type Difference, differencesFrom } from './changes.ts';
export { MOST_DAY_BATCHES, USUAL_START } from './dayFigures.ts';
export { dayId } from './dayId.ts';
export { dayReasons, type Reason } from './dayReasons.ts';
export { type DayTotals, dayTotals } from './dayTotals.ts';
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
export { type PreflightLine, preflightFor } from './preflight.ts';
export {
  isUnusualRule,
  type ProposedRule,
  type PullRecord,
  proposedRule,
  pullRecordOf,
} from './proposedRule.ts';
export { type PullSchool, pullSchools, ruleWords, schoolOf, schoolsFor } from './pullRules.ts';
export {
  type DayBatch,
  dayBatchSchema,
  type RoastDay,
  roastDaySchema,
} from './roastDay.ts';
export { HANDLING_S, type Job, type Schedule, type Slot, type Standing, scheduleInOrder } from './schedule.ts';
export { equalParts, LEAST_PART_GRAMS, type StagedPart, stagedParts, stagedShades } from './stagedPull.ts';
export {
  type RoastDayAhead,
  type StockDay,
  type StockJar,
  type StockPlan,
  type StockQuestion,
  stockAhead,
} from './stockAhead.ts';
export { windowDays } from './windowDays.ts';
