import { expose } from 'comlink';
import { makeCopy } from '@/store/backup';
import { GanderDatabase } from '@/store/database';
import { keepDone } from '@/store/done';
import { bringIn, type FileIn, leftOutText, openFile } from '@/store/fileIn';
import { writeFile, writeTable } from '@/store/fileOut';
import { settleReadings, setUnreadableAside } from '@/store/lookAfter';
import { doneOf } from '@/store/notices';
import { takeLineBack } from '@/store/takeDoneBack';
import type { KeeperContract } from './contract';

/** The file that is looked at, and the way to end bringing it in. */
let file: FileIn | undefined;
let bringing: AbortController | undefined;

/** Somebody waits for it, or holds a file: what is done at rest is not done meanwhile, in no tab. */
function within<T>(databaseName: string, work: (db: GanderDatabase) => Promise<T>): Promise<T> {
  return busy(databaseName, () => withDatabase(databaseName, work));
}

/** Nobody waits for it: undefined where somebody is at the notebook. */
async function atRest<T>(databaseName: string, work: (db: GanderDatabase) => Promise<T>): Promise<T | undefined> {
  const options = { mode: 'exclusive', ifAvailable: true } as const;
  const isFree =
    !canLock || (await navigator.locks.request(lockOf(databaseName), options, async (lock) => lock !== null));
  return isFree ? withDatabase(databaseName, work) : undefined;
}

/** The browser has no locks on an address that is neither this device nor https. */
const canLock = 'locks' in navigator;
const lockOf = (databaseName: string) => `gander.keeper/${databaseName}`;

async function busy<T>(databaseName: string, work: () => Promise<T>): Promise<T> {
  return canLock ? navigator.locks.request(lockOf(databaseName), { mode: 'shared' }, work) : work();
}

async function withDatabase<T>(databaseName: string, work: (db: GanderDatabase) => Promise<T>): Promise<T> {
  const db = new GanderDatabase(databaseName);
  try {
    return await work(db);
  } finally {
    db.close();
  }
}

function opened(): FileIn {
  if (!file) throw new Error('No file is open.');
  return file;
}

const keeper: KeeperContract = {
  lookAfter: (name, asked) =>
    (asked ? within : atRest)(name, async (db) => {
      await settleReadings(db, Date.now());
      return (await setUnreadableAside(db, Date.now())).length;
    }),
  copy: (name, nowMs, asked) => (asked ? within : atRest)(name, (db) => makeCopy(db, nowMs, asked)),
  write: (name, what) => within(name, (db) => writeFile(db, what, Date.now())),
  writeTable: (name, kind) => within(name, (db) => writeTable(db, kind)),
  takeBack: (name, id, words) =>
    within(name, async (db) => {
      const { undo, ...said } = await takeLineBack(db, id, words);
      const done = doneOf(said, undo);
      await keepDone(db, done, undo);
      return { ...said, done };
    }),
  open: (name, blob) =>
    within(name, async (db) => {
      const read = await openFile(db, blob);
      file = read.file;
      // As long as it is looked at: until this worker ends.
      if (file) void busy(name, () => new Promise(() => {}));
      return read.opened;
    }),
  notebook: async () => opened().notebook,
  leftOut: async () => new Blob([leftOutText(opened())], { type: 'application/json' }),
  bringIn: (name, fileName, preference, onRows) =>
    within(name, (db) => {
      bringing = new AbortController();
      return bringIn(db, opened(), fileName, preference, { onRows, signal: bringing.signal });
    }),
  stop: async () => bringing?.abort(),
};
expose(keeper);
