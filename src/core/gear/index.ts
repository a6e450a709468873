export { type Control, controlSchema } from './controls.ts';
export { type Gear, gearSchema } from './gear.ts';
export { initialValue } from './initialValue.ts';
export { type Method, type MethodId, methodIds, methodOf, methods, type UsualSeconds } from './methods.ts';
