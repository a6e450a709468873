import { sum } from 'd3-array';
import type { Lot } from '@/core/bean';
import { createId, type Id } from '@/core/ids';
import { type PaperRoast, paperRoasts } from '@/core/paper';
import { applyChange } from './change.ts';
import type { Change } from './changes.ts';
import type { GanderDatabase } from './database.ts';
import { secureRandom } from './random.ts';

/**
 * Keeps roasts from paper, all or none; gives the change, for undo. Beans that the larder does not know are kept as used
 * up: so much as these roasts took, and put away.
 */
export function keepPaperRoasts(db: GanderDatabase, rows: readonly PaperRoast[], nowIso: string): Promise<Change> {
  const names = [...new Set(rows.flatMap(({ beans }) => ('name' in beans ? [beans.name] : [])))];
  const lots = names.map((name): Lot => {
    const its = rows.filter(({ beans }) => 'name' in beans && beans.name === name);
    const grams = sum(its, ({ greenGrams }) => greenGrams);
    return {
      id: createId('lot', secureRandom),
      name,
      origin: '',
      process: 'other',
      packs: [{ grams }],
      createdAt: nowIso,
      removedAt: nowIso,
    };
  });
  const lotOf = (beans: PaperRoast['beans']): Id<'lot'> => {
    const id = 'lotId' in beans ? beans.lotId : lots.find(({ name }) => name === beans.name)?.id;
    if (!id) throw new RangeError('beans of a roast from paper must be known or new');
    return id;
  };
  return applyChange(db, [
    ...lots.map((after) => ({ table: 'lots' as const, after })),
    ...paperRoasts(rows, lotOf, secureRandom, Date.parse(nowIso)).map((after) => ({ table: 'roasts' as const, after })),
  ]);
}
