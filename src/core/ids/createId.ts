import type { Id, IdKind } from './id.ts';

const ALPHABET = '0123456789abcdefghjkmnpqrstvwxyz';
const LENGTH = 12;

/** Makes an id from `random`, a source of numbers in [0, 1): 60 bits, so two never meet in one household. */
export function createId<Kind extends IdKind>(kind: Kind, random: () => number): Id<Kind> {
  let tail = '';
  for (let i = 0; i < LENGTH; i++) tail += ALPHABET[Math.floor(random() * ALPHABET.length)];
  return `${kind}:${tail}` as Id<Kind>;
}
