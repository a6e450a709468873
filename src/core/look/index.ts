export { asLook } from './asLook.ts';
export { cameraDrift, type ReferenceRead } from './cameraDrift.ts';
export { labOf } from './lab.ts';
export { byteOf, type Picture } from './light.ts';
export { type Look, lookAt, type SeenBean } from './look.ts';
export { type Measure, PALE_BY } from './measure.ts';
export { type Refusal, refusalWords, SHADOW_WORDS } from './refusal.ts';
export { lookAtGround, lookAtReference, RING } from './ring.ts';
export type { White } from './surface.ts';
