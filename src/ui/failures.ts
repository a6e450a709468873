import { notify } from '@/store/notices';

/** Says what failed where nobody waits for the answer: no write is lost in silence. What it takes is fetched when it is wanted. */
export function sayFailures(): void {
  addEventListener('unhandledrejection', ({ reason }) => {
    if (document.visibilityState === 'hidden') return;
    void tell(reason).catch(() => {});
  });
}

async function tell(reason: unknown): Promise<void> {
  const { failureWords } = await import('./failureWords');
  const words = failureWords(reason);
  if (words !== undefined) notify({ text: words });
  // Often a row that cannot be read: it is taken out of the way, and the page loaded without it.
  if (reason instanceof TypeError) await (await import('./lookAfter')).setAside();
}
