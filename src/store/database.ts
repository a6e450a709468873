import { Dexie, type Table } from 'dexie';
import type { Lot } from '@/core/bean';
import type { Experiment } from '@/core/experiment';
import type { Gear } from '@/core/gear';
import type { JournalView } from '@/core/journal';
import type { RoastDay } from '@/core/plan';
import type { Recipe } from '@/core/recipe';
import type { Roast } from '@/core/roast';
import type { Jar } from '@/core/shelf';
import type { Cup, Flight, FlightKey } from '@/core/taste';
import type { ReadingsRow } from './apartRow.ts';
import type { Aside } from './aside.ts';
import type { BackupRow } from './backupRow.ts';
import type { Deleted, Done, HouseholdRow, KeptChange } from './changes.ts';
import { changesApart } from './changesApart.ts';
import { forgetChanged, type Learned } from './learned.ts';
import { countTransactions } from './openTransactions.ts';
import type { PhotoRow } from './photoRow.ts';
import { readingsApart } from './readingsApart.ts';
import type { SoundPiece, SoundRow } from './soundRow.ts';
import { upgradeMoments } from './upgradeMoments.ts';

/** Names on users' disks: never change one alone. Demo and practice live apart, so they cannot touch the user's own. */
export const DATABASE_NAMES = { own: 'gander', demo: 'gander-demo', practice: 'gander-practice' } as const;
export type HouseholdKind = 'own' | 'demo';

/** Raise it together with a new `version(…)` below; a released version is never edited. */
export const DATABASE_VERSION = 11;

/** The one row of settings is kept under this key. */
export const HOUSEHOLD_KEY = 'household';

/** Which roast a piece of gear is busy with. The gear is the key, so it can be busy with one only. */
export interface UnderWay {
  readonly gearId: string;
  readonly roastId: string;
}

export class GanderDatabase extends Dexie {
  readonly lots!: Table<Lot, string>;
  readonly gear!: Table<Gear, string>;
  readonly roasts!: Table<Roast, string>;
  readonly days!: Table<RoastDay, string>;
  readonly jars!: Table<Jar, string>;
  readonly cups!: Table<Cup, string>;
  readonly flights!: Table<Flight, string>;
  readonly flightKeys!: Table<FlightKey, string>;
  readonly recipes!: Table<Recipe, string>;
  readonly experiments!: Table<Experiment, string>;
  readonly journalViews!: Table<JournalView, string>;
  readonly underWay!: Table<UnderWay, string>;
  readonly household!: Table<HouseholdRow, string>;
  /** What finished roasts told the forecast; made anew from the roasts wherever it is missing (store/learned.ts). */
  readonly learned!: Table<Learned, string>;
  /** What was done lately, newest last; it stays on this device. */
  readonly done!: Table<Done, string>;
  /** Streamed readings of roasts that are or were under way; nobody but `readingsApart` looks in here. */
  readonly readings!: Table<ReadingsRow, [string, number]>;
  /** What was deleted lately (store/bin.ts). */
  readonly bin!: Table<Deleted, string>;
  /** What the lines of `done` and `bin` changed, by their ids. */
  readonly changes!: Table<KeptChange, string>;
  /** Rows that could not be read, as they were (store/lookAfter.ts). */
  readonly aside!: Table<Aside, string>;
  /** When the notebook was last saved as a file, and where copies go by themselves (store/backup.ts); one row. */
  readonly backup!: Table<BackupRow, string>;

  /** The sound of roasts, where it is kept, and its pieces (store/sounds.ts); in files only where it is wanted. */
  readonly sounds!: Table<SoundRow, string>;
  readonly soundPieces!: Table<SoundPiece, [string, number]>;

  /** The photos of looks at roasts (store/photos.ts); in files only where they are wanted. */
  readonly photos!: Table<PhotoRow, string>;

  constructor(name: string) {
    // With Dexie's cache two who ask the same at once get one answer; the second's transaction, with nothing of its own to read, ends
    // beneath a cursor that was to go on, and its page stays at "Opening…".
    super(name, { cache: 'disabled' });
    this.use(countTransactions);
    this.use(forgetChanged);
    this.use(readingsApart);
    this.version(1).stores({
      lots: 'id',
      gear: 'id',
      // Green grams in an index answer "how much is left" from the index alone, without reading a roast.
      roasts: 'id, createdAt, [gearId+createdAt], [lotId+greenGrams]',
      underWay: 'gearId, roastId',
      household: 'id',
    });
    // Lots are bought in packs, and what is left may be weighed: stock asks when each roast took its green.
    this.version(2)
      .stores({
        roasts: 'id, createdAt, [gearId+createdAt], [lotId+createdAt+greenGrams]',
        days: 'id, date',
        jars: 'id, roastId',
        cups: 'id, roastId, at',
        flights: 'id, createdAt',
        // Apart from the flights, so that no page that shows one reads its key before the end.
        flightKeys: 'id',
      })
      .upgrade((tx) =>
        tx
          .table('lots')
          .toCollection()
          .modify((lot: { boughtGrams?: number; createdAt: string; packs?: unknown }) => {
            lot.packs = [{ grams: lot.boughtGrams, boughtOn: lot.createdAt.slice(0, 10) }];
            delete lot.boughtGrams;
          }),
      );
    this.version(3).stores({ recipes: 'id', experiments: 'id', journalViews: 'id' });
    // New kinds of entries and fields; an earlier Gander must not write over them.
    this.version(4).stores({});
    // The household's week, clock and plans ahead; what it used before; more that can happen to a jar.
    this.version(5)
      .stores({ done: 'id, at' })
      .upgrade((tx) =>
        tx
          .table('household')
          .toCollection()
          .modify((row) => {
            row.useSince ??= '2020-01-01';
          }),
      );
    this.version(6).stores({ learned: 'id' });
    // Readings of a roast under way apart from it; deleted things for a while; rows that could not be read; where copies go.
    this.version(7).stores({ readings: '[roastId+from]', bin: 'id, at', aside: 'id', backup: 'id' });
    // Changes apart from the lists that name them.
    this.version(8).stores({ changes: 'id' }).upgrade(changesApart);
    // What roasts sounded like, where the household keeps it (store/sounds.ts).
    this.version(9).stores({ sounds: 'id, roastId', soundPieces: '[soundId+n], soundId' });
    // Photos of the beans, where some were taken (store/photos.ts).
    this.version(10).stores({ photos: 'id, roastId, size' });
    // `at` is a roast's second and nothing else.
    this.version(11)
      .stores({ cups: 'id, roastId, tastedAt', done: 'id, doneAt', bin: 'id, deletedAt' })
      .upgrade(upgradeMoments);
  }
}

/** The database on this device was written by a later Gander; this one only reads it. */
class NewerDatabaseError extends Error {
  override readonly name = 'NewerDatabaseError';
  constructor(readonly found: number) {
    super(
      `The notebook on this device is of version ${found}; this Gander writes version ${DATABASE_VERSION}. ` +
        'Reload the page to get the newer Gander. Until then nothing is changed.',
    );
  }
}

/** Throws NewerDatabaseError when a later Gander wrote the database; Dexie itself would open it and write old rows. */
export async function requireWritable(db: GanderDatabase): Promise<void> {
  if (!db.isOpen()) await db.open();
  // Dexie multiplies its version numbers by ten in the browser's own.
  const found = Math.floor(db.backendDB().version / 10);
  if (found > DATABASE_VERSION) throw new NewerDatabaseError(found);
}
