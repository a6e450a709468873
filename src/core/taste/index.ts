export { bestRoasts, type RoastLiking } from './bestCups.ts';
export {
  binomialTail,
  evenSplitP,
  fewestRight,
  moreNeeded,
  preferencePower,
  SHOWN_P,
  trianglePower,
} from './binomial.ts';
export { drawCodes, shuffled } from './codes.ts';
export {
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
export { answered, createFlight, type FlightResult, flightResult } from './flight.ts';
export {
  type FlightQuestion,
  flightQuestions,
  lineNames,
  questionNames,
  type SheetLine,
  sheetLines,
  tasteWords,
} from './tasteKinds.ts';
export { preferenceVerdict, rankMeans, triangleVerdict, type Verdict } from './verdict.ts';
