export { atAnotherTime } from './atAnotherTime.ts';
export { crackOnsets, crackRate, tappedCracks } from './crackOnsets.ts';
export { describeRibbon } from './describeRibbon.ts';
export { draftFault } from './draftFault.ts';
export { type Entry, type EntryDraft, entrySchema, type PullEntry } from './entry.ts';
export { type HeatWrite, heatWriteId, withHeatWrite } from './heatWrite.ts';
export {
  guideSchema,
  type PlannedMove,
  type PlannedPart,
  type PullRule,
  type PullRuleKind,
  plannedMoveSchema,
  pullRuleSchema,
  type Wind,
  windNames,
  winds,
} from './intent.ts';
export { EARLIER_S, lastDone, lateOne } from './lastDone.ts';
export { type LiveEntry, lastUndoable, liveEntries } from './liveEntries.ts';
export { MOST_LOOKS, type RoastLook } from './looks.ts';
export {
  dueAtS,
  isTimed,
  type Milestones,
  milestoneNames,
  milestonesOf,
  nextMilestone,
  type Stage,
  stageNames,
  stageOf,
} from './milestones.ts';
export { chargeFault, chargePressedS, fromChargeS, fromPressS, movedCharge } from './movedCharge.ts';
export { movesFromCharge } from './movesFromCharge.ts';
export { MOVE_EARLY_S, type PlannedOutcome, plannedOutcomes } from './plannedOutcomes.ts';
export {
  finalShade,
  isUnderWay,
  meantShade,
  meantShades,
  milestonesOfRoast,
  pulledMs,
  pullsOf,
  roastedGrams,
  shadeAsKnown,
  wantedWords,
} from './progress.ts';
export { believedMilestones, type Question, questionsAbout } from './questions.ts';
export { type Ribbon, ribbonOf, ribbonOfGuide, type TonePoint, toneAt } from './ribbon.ts';
export { type Roast, roastSchema } from './roast.ts';
export {
  type ClockDoubt,
  clockBeganAt,
  clockDoubt,
  clockJumpMs,
  elapsedS,
  heatS,
  momentMs,
  preheatS,
} from './roastClock.ts';
export {
  AIR_C,
  biteNames,
  bites,
  ENTRY_C,
  ENTRY_S,
  evennesses,
  evennessNames,
  isStreamed,
  type Milestone,
  PLANNED,
  type SenseKind,
  type Smell,
  senseKinds,
  senses,
  smells,
  snaps,
  spotAmounts,
  streamedSources,
  USUAL_AMBIENT_C,
} from './roastKinds.ts';
export {
  asSeen,
  beansOf,
  evennessOf,
  evennessSeen,
  groundLookOf,
  INSIDE_LAGS_FROM,
  learntShade,
  lookOf,
  measuredShade,
  palerInsideBy,
  spotsSeen,
} from './seen.ts';
export { type StretchName, shownApartS, shownLengthS, shownS, stretchesOf, stretchNames } from './stretches.ts';
export { MOST_TAGS, TAG_LETTERS, withTags } from './tags.ts';
