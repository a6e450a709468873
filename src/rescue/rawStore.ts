// The browser's databases as they are, without the library and the schemas that may be what does not work.

export interface RawTable {
  readonly name: string;
  readonly count: number;
}

/** The databases of Gander that are here, by name. */
export async function databasesHere(known: readonly string[]): Promise<string[]> {
  const all = await indexedDB.databases?.();
  if (all) return all.flatMap(({ name }) => (name !== undefined && known.includes(name) ? [name] : []));
  const found = await Promise.all(known.map(async (name) => ((await tablesOf(name)).length > 0 ? [name] : [])));
  return found.flat();
}

/** A page that was left lets go after a moment; a window that is open does not. */
const LETS_GO_MS = 5000;
const laterBlocked = (reject: (error: Error) => void) =>
  setTimeout(() => reject(new Error('Another window of Gander holds it. Close that one, then try again.')), LETS_GO_MS);

/** Opens a database of whatever version; never makes one. */
function opened(name: string): Promise<IDBDatabase | undefined> {
  return new Promise((resolve, reject) => {
    const opening = indexedDB.open(name);
    // It did not exist: opening it must not leave an empty one behind.
    opening.onupgradeneeded = () => opening.transaction?.abort();
    opening.onsuccess = () => resolve(opening.result);
    opening.onerror = () => (opening.error?.name === 'AbortError' ? resolve(undefined) : reject(opening.error));
    opening.onblocked = () => laterBlocked(reject);
  });
}

async function within<T>(name: string, work: (db: IDBDatabase) => Promise<T>): Promise<T | undefined> {
  const db = await opened(name);
  if (!db) return undefined;
  try {
    return await work(db);
  } finally {
    db.close();
  }
}

const answer = <T>(request: IDBRequest<T>): Promise<T> =>
  new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error);
  });

/** Its tables, and how many rows are in each. */
export async function tablesOf(name: string): Promise<RawTable[]> {
  const tables = await within(name, async (db) => {
    const names = [...db.objectStoreNames];
    if (names.length === 0) return [];
    const reading = db.transaction(names);
    return Promise.all(
      names.map(async (each) => ({ name: each, count: await answer(reading.objectStore(each).count()) })),
    );
  });
  return tables ?? [];
}

/** Every row of a table under its key. A row that cannot even be fetched is left out; the others are given. */
export async function rowsOf(name: string, table: string): Promise<{ key: IDBValidKey; row: unknown }[]> {
  const rows = await within(name, async (db) => {
    const reading = db.transaction(table).objectStore(table);
    const keys = await answer(reading.getAllKeys());
    const found: { key: IDBValidKey; row: unknown }[] = [];
    for (const key of keys) {
      try {
        found.push({ key, row: await answer(db.transaction(table).objectStore(table).get(key)) });
      } catch {
        // The browser itself cannot read it any more.
      }
    }
    return found;
  });
  return rows ?? [];
}

/** Everything in it, a list of rows a table. */
export async function everythingIn(name: string): Promise<Record<string, unknown[]>> {
  const all: Record<string, unknown[]> = {};
  for (const table of await tablesOf(name)) all[table.name] = (await rowsOf(name, table.name)).map(({ row }) => row);
  return all;
}

/** Takes one row out. */
export async function deleteRow(name: string, table: string, key: IDBValidKey): Promise<void> {
  await within(name, (db) => answer(db.transaction(table, 'readwrite').objectStore(table).delete(key)));
}

/** Takes the whole database away. */
export function deleteDatabase(name: string): Promise<void> {
  return new Promise((resolve, reject) => {
    const deleting = indexedDB.deleteDatabase(name);
    deleting.onsuccess = () => resolve();
    deleting.onerror = () => reject(deleting.error);
    deleting.onblocked = () => laterBlocked(reject);
  });
}
