export { crackProposal, kindOfCrack } from './crackProposals.ts';
export {
  ownFirstCrackC,
  probeMovedByC,
  sinceMoved,
} from './firstCrackC.ts';
export { forecastsAhead, heatNow, type NamedForecast } from './heatNow.ts';

export type { LearnedProbe, ProbeLog } from './probeOpinion.ts';
export { type PullDue, pullsPlanned } from './pullsDue.ts';
export { isFresh, type Reading, rateOfRise, readingAt, STALL_PER_MIN } from './rateOfRise.ts';
export {
  farOffCurve,
  isSameReading,
  looksFahrenheit,
  readingFaultWords,
  readingsOf,
  streamFault,
  trustedReadings,
} from './readingChecks.ts';

export { awaited } from './tell/marks.ts';
export { type NextWords, nextWords } from './tell/nextWords.ts';

export { markQuestions } from './tell/questions.ts';
export { type ControlNow, remedyFor } from './tell/remedy.ts';
export type { HeatSituation } from './tell/situation.ts';
export { type Deed, gravestFirst, type Telling } from './tell/telling.ts';
export { tellingsFor } from './tell/tellings.ts';
