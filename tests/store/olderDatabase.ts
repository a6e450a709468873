import { Dexie } from 'dexie';

/** The tables as each released version made them; a released one is never edited. */
const released: Readonly<Record<number, Readonly<Record<string, string>>>> = {
  1: {
    lots: 'id',
    gear: 'id',
    roasts: 'id, createdAt, [gearId+createdAt], [lotId+greenGrams]',
    underWay: 'gearId, roastId',
    household: 'id',
  },
  2: {
    roasts: 'id, createdAt, [gearId+createdAt], [lotId+createdAt+greenGrams]',
    days: 'id, date',
    jars: 'id, roastId',
    cups: 'id, roastId, at',
    flights: 'id, createdAt',
    flightKeys: 'id',
  },
  3: { recipes: 'id', experiments: 'id', journalViews: 'id' },
  4: {},
  5: { done: 'id, at' },
  6: { learned: 'id' },
  7: { readings: '[roastId+from]', bin: 'id, at', aside: 'id', backup: 'id' },
  8: { changes: 'id' },
  9: { sounds: 'id, roastId', soundPieces: '[soundId+n], soundId' },
  10: { photos: 'id, roastId, size' },
};

/** A database as a Gander of that version made it. */
export function olderDatabase(name: string, version: number): Dexie {
  const old = new Dexie(name);
  for (const [number, stores] of Object.entries(released))
    if (Number(number) <= version) old.version(Number(number)).stores(stores);
  return old;
}
