/** What a person is told of something that failed and that nobody caught; undefined where there is nothing to tell. */
export function failureWords(reason: unknown): string | undefined {
  const { inner } = (reason ?? {}) as { inner?: unknown };
  const { name, message } = (isQuota(inner) ? inner : (reason ?? {})) as Partial<Error>;
  switch (name) {
    // It refuses in words of its own.
    case 'RefusedError':
    case 'RangeError':
    case 'NewerDatabaseError':
      return message;
    case 'QuotaExceededError':
      return 'There is no room left on this device, so that was not kept. Make room, then do it again.';
    // A page that goes away ends what it was reading.
    case 'AbortError':
      return undefined;
    case 'DatabaseClosedError':
      return 'The notebook was closed, by a newer Gander in another tab perhaps, so that was not kept. Load this page again.';
    default:
      return `That was perhaps not kept: ${message ?? String(reason)}. Look whether it is there; if not, load this page again and repeat it.`;
  }
}

/** What is wrong with the storage, where a page could not even be opened. */
export type StorageTrouble = 'blocked' | 'full' | undefined;

/** What a browser says that keeps nothing for this address. */
const BLOCKED = new Set(['SecurityError', 'MissingAPIError', 'InvalidStateError', 'NoStorageError']);

/** Tells storage that is refused from storage that is full, and both from a page that went wrong. */
export function storageTrouble({ name, message }: Error): StorageTrouble {
  if (name === 'QuotaExceededError' || /quota/i.test(message)) return 'full';
  const refused = name === 'OpenFailedError' && /security|denied|mutation|insecure/i.test(message);
  return BLOCKED.has(name) || refused ? 'blocked' : undefined;
}

const isQuota = (error: unknown) => (error as Error | undefined)?.name === 'QuotaExceededError';
