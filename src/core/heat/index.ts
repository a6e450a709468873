export { type CrackProposal, crackProposal, kindOfCrack } from './crackProposals.ts';
export { type Cue, type CueSituation, cuesFor, type Reminder } from './cues.ts';
export { DANGER_PAST_FIRST_CRACK_C, ownFirstCrackC, probeMovedByC, USUAL_FIRST_CRACK_C } from './ownFirstCrack.ts';
export { probeOpinion } from './probeOpinion.ts';
export { type Reading, rateOfRise, readingAt } from './rateOfRise.ts';
export { farOffCurve, looksFahrenheit, type StreamFault, streamFault } from './readingChecks.ts';
