export { asLook } from './asLook.ts';
export { labOf, lightnessOf, luminanceOf } from './lab.ts';
export { byteOf, type Picture } from './light.ts';
export { type Look, lookAt, type Measure, PALE_BY, type SeenBean } from './look.ts';
export { type Refusal, refusalWords, SHADOW_WORDS } from './refusal.ts';
export { lookAtGround, lookAtReference, RING } from './ring.ts';
export type { White } from './surface.ts';
