import { useEffect, useSyncExternalStore } from 'react';
import { database } from '@/store/current';
import { currentNotice, dismissNotice, leftMs, onNotice, type Said } from '@/store/notices';
import { takeDoneBack } from './takeBack';

/** What just happened, at the foot of the page, with its undo. */
export function NoticeBar() {
  const notice = useSyncExternalStore(onNotice, currentNotice, () => undefined);
  const done = notice?.done;
  // At the heat nothing said before may lie over a button; it can be taken back from Files and settings.
  const shown = notice && (notice.page === location.pathname || !location.pathname.startsWith('/roast/live'));
  useEffect(() => {
    if (!notice) return;
    const timer = setTimeout(dismissNotice, leftMs(notice));
    return () => clearTimeout(timer);
  }, [notice]);
  useEffect(() => {
    if (notice) void keep(notice);
  }, [notice]);
  return (
    <div
      role="status"
      // Said in so many words, it is heard beside an open dialog too.
      aria-live="polite"
      data-notice=""
      // Beside an open dialog it stands above it, clear of the buttons at its foot.
      className="no-print pointer-events-none fixed inset-x-0 bottom-20 z-40 flex justify-center px-4 md:bottom-6 [body[data-scroll-locked]_&]:top-2 [body[data-scroll-locked]_&]:bottom-auto [body[data-scroll-locked]_&]:z-60"
    >
      {shown && (
        <p className="bg-ink text-chaff pointer-events-auto flex items-center gap-4 rounded-xl py-1 pr-2 pl-5 shadow-lg">
          <span className="py-2">{notice.text}</span>
          {done && (
            <button
              type="button"
              className="min-h-11 px-3 font-bold underline underline-offset-4"
              onClick={() => void takeBack(notice)}
            >
              {notice.of ? 'Do it again' : 'Undo'}
            </button>
          )}
          <button type="button" aria-label="Close" className="size-11 text-xl" onClick={dismissNotice}>
            ×
          </button>
        </p>
      )}
    </div>
  );
}

/** Puts what can be taken back on the list of what was done, once. Fetched late: the roast screen has no room to spare. */
async function keep({ done, undo }: Said): Promise<void> {
  if (!done || !undo) return;
  const { keepDone } = await import('@/store/done');
  await keepDone(database(), done, undo);
}

async function takeBack(notice: Said): Promise<void> {
  dismissNotice();
  await keep(notice);
  if (notice.done) await takeDoneBack(notice.done);
}
