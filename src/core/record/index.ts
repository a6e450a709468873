export { type GearRecord, gearRecord } from './gearRecord.ts';
export { type OwnScale, ownScale } from './ownScale.ts';
export { type PartShade, partsOf, type RoastPart, shadesOf } from './parts.ts';
export { lossesByShade, type Spread } from './spread.ts';
