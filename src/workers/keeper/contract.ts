import type { Notebook, TableKind } from '@/core/exchange';
import type { Opened } from '@/store/fileIn';
import type { FileOut, What } from '@/store/fileOut';
import type { Preference } from '@/store/notebook';
import type { Notice } from '@/store/notices';

/**
 * What the keeper's worker does: whatever touches the whole notebook, so that the page never stands still for it. Each call
 * names its database; only plain data crosses.
 */
export interface KeeperContract {
  /**
   * Sets aside what cannot be read and tidies up; gives how many things were set aside. Unless it was `asked` for, not while somebody
   * loads, saves or looks at a file: then undefined.
   */
  lookAfter(databaseName: string, asked: boolean): Promise<number | undefined>;
  /** Puts a dated copy into the chosen folder (makeCopy); the same holds. */
  copy(databaseName: string, nowMs: number, asked: boolean): Promise<string | undefined>;
  write(databaseName: string, what: What): Promise<FileOut>;
  writeTable(databaseName: string, kind: TableKind): Promise<Blob>;
  /** Takes a line of the lists back; gives what to say of it, with what it did on the list again. */
  takeBack(databaseName: string, id: string, words: Pick<Notice, 'text' | 'of'>): Promise<Notice>;
  /** Reads a file and holds it for the calls below. */
  open(databaseName: string, file: Blob): Promise<Opened>;
  /** The file whole, to look at; for single roasts and recipes. */
  notebook(): Promise<Notebook>;
  /** What was left out of it, as a file. */
  leftOut(): Promise<Blob>;
  /** Brings it in, and gives what to say; `onRows` hears how many rows are written. */
  bringIn(
    databaseName: string,
    name: string,
    preference: Preference,
    onRows: (written: number) => void,
  ): Promise<Notice>;
  /** Ends bringing it in, with nothing changed. */
  stop(): Promise<void>;
}
