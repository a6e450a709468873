import { middleOf } from '../chance/index.ts';

/** What a plain thing read when it was photographed. */
export interface ReferenceRead {
  /** UTC. */
  readonly readAt: string;
  /** CIE L*. */
  readonly lightness: number;
}

/** How far the newest photo of the same thing lies from the ones before. */
export interface CameraDrift {
  /** L*; above zero it reads lighter now. */
  readonly by: number;
  /** No more than two photos of one camera differ by. */
  readonly isSteady: boolean;
}

/** Photos of one thing differ by about this much by themselves, L*. Our own figure, from drawn trays. */
const STEADY = 2;

/** Whether the camera still reads what it did, by photos of one plain thing; undefined until there are two. */
export function cameraDrift(reads: readonly ReferenceRead[]): CameraDrift | undefined {
  const newest = reads.at(-1);
  const before = middleOf(reads.slice(0, -1).map(({ lightness }) => lightness));
  if (!newest || before === undefined) return undefined;
  const by = newest.lightness - before;
  return { by, isSteady: Math.abs(by) <= STEADY };
}
