export { type GearRecord, gearRecord } from './gearRecord.ts';
export { partsOf, type RoastPart } from './parts.ts';
export { lossesByShade, type Spread } from './spread.ts';
