import { proxy, type Remote, wrap } from 'comlink';
import type { Notebook, TableKind } from '@/core/exchange';
import type { Opened } from '@/store/fileIn';
import type { FileOut, What } from '@/store/fileOut';
import type { Preference } from '@/store/notebook';
import type { Notice } from '@/store/notices';
import { callOnce } from '../callOnce';
import { startedAhead } from '../startedAhead';
import type { KeeperContract } from './contract';

/** A notebook of years, on an old tablet that does other things. */
const LIMIT_MS = 180_000;

const keepers = startedAhead(() => new Worker(new URL('./keeper.worker.ts', import.meta.url), { type: 'module' }));

/** Somebody is about to choose a file. */
export const makeReady = (): void => void keepers.makeReady();

const once = <T>(call: (keeper: Remote<KeeperContract>) => Promise<T>): Promise<T> =>
  callOnce<KeeperContract, T>(keepers.take(), call, LIMIT_MS).result;

/** Looks after a notebook in a worker of its own; gives how many things could not be read and were set aside, undefined where it was not the moment. */
export const lookAfter = (databaseName: string, asked: boolean): Promise<number | undefined> =>
  once((keeper) => keeper.lookAfter(databaseName, asked) as Promise<number | undefined>);

/** Puts a dated copy into the chosen folder; `asked` where the person has just been asked for it. */
export const copyIntoFolder = (databaseName: string, nowMs: number, asked: boolean): Promise<string | undefined> =>
  once((keeper) => keeper.copy(databaseName, nowMs, asked) as Promise<string | undefined>);

export const writeFile = (databaseName: string, what: What): Promise<FileOut> =>
  once((keeper) => keeper.write(databaseName, what));

export const writeTable = (databaseName: string, kind: TableKind): Promise<Blob> =>
  once((keeper) => keeper.writeTable(databaseName, kind));

/** Takes a large change back, which would hold the page up. */
export const takeBackThere = (databaseName: string, id: string, words: Pick<Notice, 'text' | 'of'>): Promise<Notice> =>
  once((keeper) => keeper.takeBack(databaseName, id, words) as Promise<Notice>);

/** A file that a worker has read and holds, for as long as it is looked at. */
export interface HeldFile {
  readonly opened: Opened;
  readonly notebook: () => Promise<Notebook>;
  readonly leftOut: () => Promise<Blob>;
  readonly bringIn: (preference: Preference, onRows: (written: number) => void) => Promise<Notice>;
  /** Ends bringing it in, with nothing changed: then `bringIn` rejects with an AbortError. */
  readonly stop: () => void;
  /** It is not wanted any more. */
  readonly close: () => void;
}

/** Has a file read by a worker, which stays until the file is closed, or the page is left. */
export async function holdFile(databaseName: string, file: File): Promise<HeldFile> {
  const worker = keepers.take();
  const keeper = wrap<KeeperContract>(worker);
  const left = new AbortController();
  const close = () => {
    worker.terminate();
    left.abort();
  };
  const broken = new Promise<never>((_, reject) => {
    worker.onerror = (event) => reject(new Error(event.message || 'The file is too large for this device.'));
    const leave = () => {
      close();
      reject(new DOMException('The page was left.', 'AbortError'));
    };
    // A frozen page must not hold the notebook (store/openTransactions.ts); what it was bringing in is then not in.
    window.addEventListener('pagehide', leave, { signal: left.signal });
  });
  broken.catch(() => {});
  const orBroken = <T>(answer: Promise<T>): Promise<T> => Promise.race([answer, broken]);
  try {
    const opened = await orBroken(keeper.open(databaseName, file) as Promise<Opened>);
    return {
      opened,
      notebook: () => orBroken(keeper.notebook()),
      leftOut: () => orBroken(keeper.leftOut()),
      bringIn: (preference, onRows) =>
        orBroken(keeper.bringIn(databaseName, file.name, preference, proxy(onRows)) as Promise<Notice>),
      stop: () => void keeper.stop(),
      close,
    };
  } catch (error) {
    close();
    throw error;
  }
}
