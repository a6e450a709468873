/** What the browser says of its storage for this address. */
export interface Room {
  /** It clears it only when the person does; undefined where it does not say. */
  readonly persisted: boolean | undefined;
  readonly usedBytes: number | undefined;
  /** So little is left that a roast's log may not fit. */
  readonly isShort: boolean;
  /** So little in all that it is a private window, most likely. */
  readonly looksPrivate: boolean;
}

const MB = 1024 * 1024;
const SHORT_MB = 20;
const PRIVATE_MB = 200;

export async function readRoom(): Promise<Room> {
  const storage = globalThis.navigator?.storage;
  const persisted = await storage?.persisted?.().catch(() => undefined);
  const { usage, quota } = (await storage?.estimate?.().catch(() => undefined)) ?? {};
  return {
    persisted,
    usedBytes: usage,
    isShort: quota !== undefined && usage !== undefined && quota - usage < SHORT_MB * MB,
    looksPrivate: quota !== undefined && quota < PRIVATE_MB * MB,
  };
}

/** Asks the browser to keep the notebook until the person deletes it. Gives its answer. */
export async function askToPersist(): Promise<boolean> {
  return (await globalThis.navigator?.storage?.persist?.().catch(() => false)) ?? false;
}
