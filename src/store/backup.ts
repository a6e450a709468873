import { DAY_MS, localDay } from '@/core/units';
import type { BackupRow } from './backupRow.ts';
import type { GanderDatabase } from './database.ts';
import { writeFile } from './fileOut.ts';

/** A copy a day is enough, and not at the same minute every day. */
const BETWEEN_MS = 0.8 * DAY_MS;
/** Of the copies made by themselves so many stay. */
export const COPIES_KEPT = 7;
const NAME = /^gander-\d{4}-\d\d-\d\d\.gander\.json$/;

/** How long ago the notebook was saved, and what has come since. */
export interface SinceSaved {
  /** Whole days; undefined where it never was. */
  readonly days: number | undefined;
  readonly roasts: number;
  /** Worth a reminder. */
  readonly due: boolean;
}

/** A handful of roasts or a month of any: what one would not like to lose. */
const DUE = { manyRoasts: 5, afterDays: 14, anyAfterDays: 30, never: 3 };

/** Reminds when something worth it would be lost. */
export function isDue({ days, roasts }: Omit<SinceSaved, 'due'>): boolean {
  if (roasts === 0) return false;
  if (days === undefined) return roasts >= DUE.never;
  return (roasts >= DUE.manyRoasts && days >= DUE.afterDays) || days >= DUE.anyAfterDays;
}

/** What would be lost if the browser cleared its data now. */
export async function sinceSaved(db: GanderDatabase, nowMs: number): Promise<SinceSaved> {
  const { savedAt } = (await db.backup.get('backup')) ?? {};
  const roasts = await db.roasts
    .where('createdAt')
    .above(savedAt ?? '')
    .count();
  const days = savedAt === undefined ? undefined : Math.max(0, Math.floor((nowMs - Date.parse(savedAt)) / DAY_MS));
  return { days, roasts, due: isDue({ days, roasts }) };
}

const change = (db: GanderDatabase, some: Partial<BackupRow>) =>
  db.transaction('rw', db.backup, async () => {
    await db.backup.put({ ...(await db.backup.get('backup')), ...some, id: 'backup' });
  });

/** Notes that the whole notebook was saved as a file. */
export const noteSaved = (db: GanderDatabase, nowMs: number) =>
  change(db, { savedAt: new Date(nowMs).toISOString(), failed: undefined });

/** Copies go to this folder from now on; undefined ends it. */
export const chooseFolder = (db: GanderDatabase, folder: FileSystemDirectoryHandle | undefined) =>
  change(db, { folder, failed: undefined });

/** Asks the browser whether copies may go into the chosen folder, which it allows only while the person is there. */
export async function askForFolder(db: GanderDatabase): Promise<void> {
  const row = await db.backup.get('backup');
  await (row?.folder as Asked | undefined)?.requestPermission?.({ mode: 'readwrite' });
}

/** Whether it is time for a copy. */
export async function isCopyDue(db: GanderDatabase, nowMs: number): Promise<boolean> {
  const { folder, savedAt } = (await db.backup.get('backup')) ?? {};
  return folder !== undefined && !(savedAt !== undefined && nowMs - Date.parse(savedAt) < BETWEEN_MS);
}

/**
 * Puts a dated copy into the chosen folder, reads it back, and lets the oldest beyond seven go. `asked`: somebody wants it now.
 * Gives why none was made, in words; undefined where one was, or none is wanted yet.
 */
export async function makeCopy(db: GanderDatabase, nowMs: number, asked = false): Promise<string | undefined> {
  const { folder } = (await db.backup.get('backup')) ?? {};
  if (!folder || !(asked || (await isCopyDue(db, nowMs)))) return undefined;
  try {
    const permission = await (folder as Asked).queryPermission?.({ mode: 'readwrite' });
    if (permission !== undefined && permission !== 'granted')
      return fail(db, `The browser wants to be asked before it writes to “${folder.name}” again.`);
    const { blob, faults } = await writeFile(db, { kind: 'everything' }, nowMs);
    const text = await blob.text();
    // A week in which nothing changed must not push the older copies out.
    if (!asked && (await isNewest(folder, text))) {
      await noteSaved(db, nowMs);
      return undefined;
    }
    const file = await folder.getFileHandle(`gander-${localDay(nowMs)}.gander.json`, { create: true });
    const writing = await file.createWritable();
    await writing.write(blob);
    await writing.close();
    const kept = await (await file.getFile()).text();
    if (kept !== text || faults.length > 0) return fail(db, 'A copy was written, but could not be read back whole.');
    await forgetOldest(folder);
    await noteSaved(db, nowMs);
    return undefined;
  } catch (error) {
    return fail(db, `No copy could be put into “${folder.name}”: ${(error as Error).message}`);
  }
}

/** Not every browser has to be asked. */
type Permission = (how: { mode: 'readwrite' }) => Promise<PermissionState>;
type Asked = FileSystemDirectoryHandle & {
  readonly requestPermission?: Permission;
  readonly queryPermission?: Permission;
};

async function fail(db: GanderDatabase, failed: string): Promise<string> {
  await change(db, { failed });
  return failed;
}

async function forgetOldest(folder: FileSystemDirectoryHandle): Promise<void> {
  for (const name of (await copiesIn(folder)).slice(0, -COPIES_KEPT)) await folder.removeEntry(name);
}

/** Whether the newest copy says the same, but for when it was saved. */
async function isNewest(folder: FileSystemDirectoryHandle, text: string): Promise<boolean> {
  const newest = (await copiesIn(folder)).at(-1);
  if (newest === undefined) return false;
  const kept = await (await (await folder.getFileHandle(newest)).getFile()).text();
  return withoutTime(kept) === withoutTime(text);
}

const withoutTime = (text: string) => text.replace(/"savedAt": ?"[^"]*"/, '');

/** The copies made by themselves, oldest first. */
async function copiesIn(folder: FileSystemDirectoryHandle): Promise<string[]> {
  const names: string[] = [];
  for await (const name of folder.keys()) if (NAME.test(name)) names.push(name);
  return names.sort();
}
