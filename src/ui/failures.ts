import { say } from '@/store/notices';

/** What a person is told of something that failed and that nobody caught; undefined where there is nothing to tell. */
export function failureWords(reason: unknown): string | undefined {
  const { name, message } = (reason ?? {}) as Partial<Error>;
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

/** Says what failed where nobody waits for the answer: no write is lost in silence. */
export function sayFailures(): void {
  addEventListener('unhandledrejection', (event) => {
    if (document.visibilityState === 'hidden') return;
    const inner = (event.reason as { inner?: unknown } | undefined)?.inner;
    const words = failureWords(isQuota(inner) ? inner : event.reason);
    if (words !== undefined) say({ text: words });
    // Often a row that cannot be read: it is taken out of the way, and the page loaded without it.
    if (event.reason instanceof TypeError) void import('./lookAfter').then(({ setAside }) => setAside());
  });
}

const isQuota = (error: unknown) => (error as Error | undefined)?.name === 'QuotaExceededError';
