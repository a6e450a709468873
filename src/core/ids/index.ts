export { createId } from './createId.ts';
export { type Id, idSchema } from './id.ts';
