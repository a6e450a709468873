export { type GearRecord, gearRecord, type Spread } from './gearRecord.ts';
export { partsOf, type RoastPart } from './parts.ts';
