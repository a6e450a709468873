import { type HeatWrite, heatWriteId, type Roast, withHeatWrite } from '@/core/roast';
import type { GanderDatabase } from './database.ts';
import { abortOpenTransactions } from './openTransactions.ts';
import { changeRoast } from './roasting.ts';
import { onDevice } from './small.ts';

/** Before the key of each write that is not kept yet, on users' disks: never change it alone. */
const KEY = 'gander.outbox';
/** A write without an answer for so long is said to be not kept yet. */
const LATE_MS = 2000;
/** After so long the try is given up and another one begins. */
const TRY_MS = 5000;
const PAUSES_MS = [200, 500, 1000, 2000] as const;

interface Waiting {
  readonly db: GanderDatabase;
  readonly write: HeatWrite;
  readonly kept: () => void;
  readonly refused: (reason: unknown) => void;
  late: boolean;
}

let waiting: Waiting[] = [];
let pending: readonly HeatWrite[] = [];
let late: readonly HeatWrite[] = [];
let noRoom = false;
let running = false;
/** Roasts as they were last written here: the screen need not read again what it just wrote. */
const written = new Map<string, Roast>();
const listeners = new Set<() => void>();

/**
 * Keeps something that was pressed at the heat. It lies in memory and in the browser's small store until the database
 * has it, is tried again as long as that takes, and is taken up by the next page if this one goes. Settles when it is
 * kept; rejects only where it never can be (the roast is gone, the notebook is of a later Gander).
 */
export function keepHeatWrite(db: GanderDatabase, write: HeatWrite): Promise<void> {
  return new Promise((kept, refused) => {
    const item: Waiting = { db, write, kept, refused, late: false };
    remember(db, write);
    setTimeout(() => {
      item.late = true;
      tell(waiting);
    }, LATE_MS);
    // The database is asked first, so that on its way it is ahead of the drawing.
    waiting.push(item);
    void run();
    tell(waiting);
  });
}

/** Takes up what an earlier page of this browser had not kept. */
export function takeUpHeatWrites(db: GanderDatabase): void {
  const known = new Set(waiting.map(({ write }) => heatWriteId(write)));
  for (const write of remembered(db))
    if (!known.has(heatWriteId(write))) void keepHeatWrite(db, write).catch(() => undefined);
}

/** Writes on their way to the database, shown as if they were there; the same array until that changes. */
export function pendingHeatWrites(): readonly HeatWrite[] {
  return pending;
}

/** Writes that are not kept though they should be by now; the same array until that changes. */
export function lateHeatWrites(): readonly HeatWrite[] {
  return late;
}

/** Whether the last try failed since the device has no room left. */
export function lacksRoom(): boolean {
  return noRoom;
}

/** A roast as it was last written on this page; undefined when nothing was. It is in the database. */
export function lastWritten(roastId: string): Roast | undefined {
  return written.get(roastId);
}

/** Calls `listener` when something is on its way, late, or kept; gives the way to stop. */
export function onHeatWrites(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** One after the other, so that they are kept in the order in which they were pressed. */
async function run(): Promise<void> {
  if (running) return;
  running = true;
  for (let tries = 0; waiting[0]; tries++) {
    const { db, write, kept, refused } = waiting[0];
    let settle = kept;
    try {
      const roast = await within(
        TRY_MS,
        changeRoast(db, write.roastId, (before) => withHeatWrite(before, write)),
      );
      written.set(write.roastId, roast);
    } catch (error) {
      if (!isFinal(error)) {
        noRoom = isNoRoom(error);
        await pause(PAUSES_MS[Math.min(tries, PAUSES_MS.length - 1)] as number);
        continue;
      }
      settle = () => refused(error);
    }
    forget(db, write);
    tell(waiting.slice(1));
    settle();
    tries = -1;
  }
  running = false;
}

const isFinal = (error: unknown) =>
  error instanceof RangeError || (error as Error | undefined)?.name === 'NewerDatabaseError';

const isNoRoom = (error: unknown): boolean => {
  const { name, inner } = (error ?? {}) as { name?: string; inner?: unknown };
  return name === 'QuotaExceededError' || (inner !== undefined && inner !== error && isNoRoom(inner));
};

const pause = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));

/** A transaction that never answers keeps all later ones waiting, so it is ended; the next try finds what was written. */
function within<T>(ms: number, work: Promise<T>): Promise<T> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(() => {
      abortOpenTransactions();
      reject(new Error(`no answer from the database within ${ms / 1000} s`));
    }, ms);
    work.then(resolve, reject).finally(() => clearTimeout(timer));
  });
}

function tell(next: Waiting[]): void {
  waiting = next;
  pending = next.map(({ write }) => write);
  const nowLate = next.filter((item) => item.late).map(({ write }) => write);
  if (nowLate.length > 0 || late.length > 0) late = nowLate;
  for (const listener of listeners) listener();
}

const keyOf = (db: GanderDatabase, write: HeatWrite) => `${KEY}/${db.name}/${heatWriteId(write)}`;

/** No room even for this: it stays in memory, which is said when it is late. */
const remember = (db: GanderDatabase, write: HeatWrite) => onDevice.set(keyOf(db, write), JSON.stringify(write));

/** What cannot be taken away is taken up once more by the next page, and found to be there. */
const forget = (db: GanderDatabase, write: HeatWrite) => onDevice.set(keyOf(db, write), undefined);

function remembered(db: GanderDatabase): HeatWrite[] {
  return onDevice
    .keys()
    .filter((key) => key.startsWith(`${KEY}/${db.name}/`))
    .flatMap((key) => {
      try {
        return [JSON.parse(onDevice.get(key) ?? '') as HeatWrite];
      } catch {
        return [];
      }
    });
}
