export { type AccountLine, accountLines } from './accountLines.ts';
export {
  bestFromDays,
  effectiveDays,
  gasLeft,
  isFrozen,
  sealedTooEarly,
  shelfState,
  staleness,
  windowMoments,
} from './freshness.ts';
export { type Jar, type JarEvent, jarSchema } from './jar.ts';
export { type FilledJar, type JarAccount, type LedgerLine, shelfLedger } from './ledger.ts';
export { drinkingWindow, type RestSchool, restSchools, windowFrom } from './rest.ts';
export {
  type Fate,
  fateNames,
  fates,
  keepingNames,
  keepings,
  type ShelfState,
  shelfStates,
  stateNames,
} from './shelfKinds.ts';
export { fateOf, thrownShare } from './stock.ts';
export { whatToDrink } from './toDrink.ts';
