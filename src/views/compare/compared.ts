import { ownFirstCrackC } from '@/core/heat';
import type { Cup } from '@/core/taste';
import { database } from '@/store/current';
import { getNamedRoast, type NamedRoast } from '@/store/queries';
import { firstCrackReadings } from '@/store/readings';

/** A roast with what it is compared by. */
export interface Compared extends NamedRoast {
  readonly cups: readonly Cup[];
  /** The gear's own reading at first crack, °C. */
  readonly ownC: number | undefined;
}

/** Reads roasts with their cups, in the order asked for; those that are gone are left out. */
export async function readCompared(ids: readonly string[]): Promise<Compared[]> {
  const db = database();
  const found = await Promise.all(
    ids.map(async (id): Promise<Compared | undefined> => {
      const named = await getNamedRoast(db, id);
      if (!named) return undefined;
      const [cups, readings] = await Promise.all([
        db.cups.where('roastId').equals(id).toArray(),
        firstCrackReadings(db, named.roast.gearId, ''),
      ]);
      return { ...named, cups, ownC: ownFirstCrackC(readings) };
    }),
  );
  return found.filter((each) => each !== undefined);
}
