export { type GearRecord, gearRecord, type Spread } from './gearRecord.ts';
