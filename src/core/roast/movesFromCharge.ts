import type { Entry } from './entry.ts';

type Move = Pick<Extract<Entry, { kind: 'move' }>, 'at' | 'control' | 'value'>;

/**
 * The moves of a roast, in order of time: at the charge how the controls stood that were set in the preheat, each once, then what
 * was moved. Whatever else was done before the beans went in is none of the roast's.
 */
export function movesFromCharge<M extends Move>(moves: readonly M[]): M[] {
  const before = moves.filter(({ at, value }) => at < 0 && value !== undefined);
  const stood = new Map(before.map((move) => [move.control, { ...move, at: 0 }]));
  return [...stood.values(), ...moves.filter(({ at }) => at >= 0)];
}
