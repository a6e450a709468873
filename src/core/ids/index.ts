export { createId } from './createId.ts';
export { type Id, type IdKind, idKinds, idSchema } from './id.ts';
