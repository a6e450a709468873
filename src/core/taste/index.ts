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
  foundOdd,
  leastSheets,
  liftedKey,
  MOST_SHEETS,
  scoresIn,
  withRound,
} from './flight.ts';
export { likedShade, type ShadeLiking, type ShadeTasting, type ShadeWin } from './likedShade.ts';
export { type ScoredCup, scoredInFlight, scoreWords } from './scored.ts';
export { fewestScored, rankMeans, scoresVerdict, shuffledP } from './scores.ts';
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
export { preferenceVerdict, triangleVerdict, type Verdict, writtenP } from './verdict.ts';
