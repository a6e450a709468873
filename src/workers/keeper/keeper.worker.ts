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

/** Somebody waits for it: what is done at rest leaves the notebook to it. */
function within<T>(databaseName: string, work: (db: GanderDatabase) => Promise<T>): Promise<T> {
  return withLock(databaseName, 'shared', () => withDatabase(databaseName, work));
}

/** Nobody waits for it, so it begins once nobody else is at the notebook, in any tab; then it holds nobody up. */
async function atRest<T>(databaseName: string, work: (db: GanderDatabase) => Promise<T>): Promise<T> {
  await withLock(databaseName, 'exclusive', async () => {});
  return withDatabase(databaseName, work);
}

// The browser has no locks on an address that is neither this device nor https.
async function withLock<T>(databaseName: string, mode: LockMode, work: () => Promise<T>): Promise<T> {
  return 'locks' in navigator ? navigator.locks.request(`gander.keeper/${databaseName}`, { mode }, work) : work();
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
  lookAfter: (name) =>
    atRest(name, async (db) => {
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
