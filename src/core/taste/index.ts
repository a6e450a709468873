export { bestRoasts, type RoastLiking } from './bestCups.ts';
export {
  binomialTail,
  evenSplitP,
  fewestRight,
  moreNeeded,
  preferencePower,
  trianglePower,
} from './binomial.ts';
export { brewedWords, gramsPerLitre, unusualBrew } from './brewed.ts';
export { drawCodes, shuffled } from './codes.ts';
export {
  type Brew,
  type Contender,
  type Cup,
  cupSchema,
  type Flight,
  type FlightKey,
  flightKeySchema,
  flightSchema,
  type Sheet,
  type Trial,
} from './cup.ts';
export {
  answered,
  areThePoured,
  createFlight,
  drawnAnew,
  type FlightAsked,
  flightResult,
  leastSheets,
  liftedKey,
  MOST_SHEETS,
  withRound,
} from './flight.ts';
export { likedShade, type ShadeLiking, type ShadeTasting, type ShadeWin } from './likedShade.ts';
export { type ScoredCup, scoredInFlight } from './scored.ts';
export {
  brewHowNames,
  brewHows,
  type FlightManner,
  type FlightQuestion,
  flightManners,
  flightQuestions,
  lineNames,
  mannerNames,
  questionNames,
  sheetLines,
  tasteWords,
} from './tasteKinds.ts';
export { preferenceVerdict, rankMeans, triangleVerdict, type Verdict } from './verdict.ts';
