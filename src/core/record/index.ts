export { type GearRecord, gearRecord } from './gearRecord.ts';
export { partsOf, type RoastPart } from './parts.ts';
export { type LossOfShade, lossesByShade, type Spread } from './spread.ts';
