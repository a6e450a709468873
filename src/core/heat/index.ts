export { type CrackProposal, crackProposal, guessedSnaps, kindOfCrack } from './crackProposals.ts';
export {
  DANGER_PAST_FIRST_CRACK_C,
  type FirstCrackC,
  firstCrackC,
  ownFirstCrackC,
  probeMovedByC,
  sinceMoved,
} from './firstCrackC.ts';
export { type AtTheHeat, forecastsAhead, heatNow, type NamedForecast } from './heatNow.ts';
export { type PlannedMoveNow, plannedMovesNow } from './plannedMoves.ts';
export type { LearnedProbe, ProbeLog } from './probeOpinion.ts';
export { heardMilestones, type PullDue, type PullPlan, pullsDue, pullsPlanned } from './pullsDue.ts';
export { isFresh, type Reading, rateOfRise, readingAt, STALL_PER_MIN } from './rateOfRise.ts';
export {
  doubtfulReading,
  farOffCurve,
  isSameReading,
  looksFahrenheit,
  readingFaultWords,
  readingsOf,
  type StreamFault,
  streamFault,
  trustedReadings,
} from './readingChecks.ts';
export { HAND_WARM_S } from './tell/cooling.ts';
export { pastFirstCrackC } from './tell/dangers.ts';
export { awaited } from './tell/marks.ts';
export { type NextWords, nextWords } from './tell/nextWords.ts';
export { preheatTarget } from './tell/preheat.ts';
export { markQuestions } from './tell/questions.ts';
export { type ControlNow, remedyFor } from './tell/remedy.ts';
export type { HeatSituation, HeatWords } from './tell/situation.ts';
export { type Answer, type Deed, gravestFirst, type Level, type Telling } from './tell/telling.ts';
export { tellingsFor } from './tell/tellings.ts';
