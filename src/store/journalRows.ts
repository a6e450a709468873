import { type JournalRow, journalRow } from '@/core/journal';
import type { Cup } from '@/core/taste';
import type { GanderDatabase } from './database.ts';
import { scoredCups } from './scoredCups.ts';

/** Roasts are read in lots of so many, so that thousands of logs are never in memory at once. */
const CHUNK = 500;

/** Every roast as the journal searches it, newest first. */
export async function journalRows(db: GanderDatabase): Promise<JournalRow[]> {
  const [lots, gear, cups, scored, ids] = await Promise.all([
    db.lots.toArray(),
    db.gear.toArray(),
    db.cups.toArray(),
    scoredCups(db),
    db.roasts.orderBy('createdAt').reverse().primaryKeys(),
  ]);
  const lotOf = new Map(lots.map((lot) => [lot.id as string, lot]));
  const gearOf = new Map(gear.map((each) => [each.id as string, each]));
  const cupsOf = new Map<string, Cup[]>();
  for (const cup of cups) if (cup.roastId) cupsOf.set(cup.roastId, [...(cupsOf.get(cup.roastId) ?? []), cup]);
  const scoresOf = new Map<string, number[]>();
  for (const { roastId, overall } of scored) scoresOf.set(roastId, [...(scoresOf.get(roastId) ?? []), overall]);
  const rows: JournalRow[] = [];
  for (let from = 0; from < ids.length; from += CHUNK)
    for (const roast of await db.roasts.bulkGet(ids.slice(from, from + CHUNK)))
      if (roast)
        rows.push(
          journalRow(
            roast,
            lotOf.get(roast.lotId),
            gearOf.get(roast.gearId),
            cupsOf.get(roast.id) ?? [],
            scoresOf.get(roast.id) ?? [],
          ),
        );
  return rows;
}
