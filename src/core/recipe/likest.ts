import type { Lot } from '../bean/index.ts';
import type { Gear } from '../gear/index.ts';

/** Of one's own beans those most like somebody else's: of the same name, else origin, else process; undefined where none are. */
export function likestLot<T extends Pick<Lot, 'name' | 'origin' | 'process'>>(
  mine: readonly T[],
  theirs: readonly Pick<Lot, 'name' | 'origin' | 'process'>[],
): T | undefined {
  const isSame = (one: (typeof theirs)[number], key: 'name' | 'origin' | 'process') =>
    theirs.some((other) => other[key] === one[key]);
  return (
    mine.find((lot) => isSame(lot, 'name')) ??
    mine.find((lot) => isSame(lot, 'origin')) ??
    // A process that nobody knows is none that two have in common.
    mine.find((lot) => lot.process !== 'other' && isSame(lot, 'process'))
  );
}

/** Of one's own gear that of the same method as somebody else's; undefined where none is. */
export function likestGear<T extends Pick<Gear, 'method'>>(
  mine: readonly T[],
  theirs: readonly Pick<Gear, 'method'>[],
): T | undefined {
  return mine.find(({ method }) => theirs.some((other) => other.method === method));
}
