import { askForFolder, isCopyDue } from '@/store/backup';
import { database } from '@/store/current';
import { copyIntoFolder } from '@/workers/keeper/client';

/** The day's copy into the chosen folder, where it is time for one. */
export async function copyWhenDue(): Promise<void> {
  const db = database();
  if (await isCopyDue(db, Date.now())) await copyIntoFolder(db.name, Date.now(), false);
}

/** A copy into the chosen folder at a press; gives why there is none, in words. */
export async function copyNow(): Promise<string | undefined> {
  const db = database();
  await askForFolder(db);
  return copyIntoFolder(db.name, Date.now(), true);
}
