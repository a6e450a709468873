import { judgeBatch } from '@/core/gear';
import type { Planned } from './usePlanned';

/** Whether this batch is asked about before it goes in. */
export function isAskedAbout({ gear, batches }: Planned): boolean {
  const verdict = judgeBatch(gear, batches?.greenGramsEach ?? 1);
  return verdict.kind === 'aboveLargest' || verdict.kind === 'absurd';
}
