import { useEffect, useSyncExternalStore } from 'react';
import type { Done } from '@/store/changes';
import { database } from '@/store/current';
import { currentNotice, hush, leftMs, onNotice } from '@/store/notices';

/** What just happened, at the foot of the page, with its undo. */
export function NoticeBar() {
  const notice = useSyncExternalStore(onNotice, currentNotice, () => undefined);
  const done = notice?.done;
  // At the heat nothing said before may lie over a button; it can be taken back from Files and settings.
  const shown = notice && (notice.page === location.pathname || !location.pathname.startsWith('/roast/live'));
  useEffect(() => {
    if (!notice) return;
    const timer = setTimeout(hush, leftMs(notice));
    return () => clearTimeout(timer);
  }, [notice]);
  useEffect(() => {
    if (done) void import('@/store/done').then(({ keepDone }) => keepDone(database(), done));
  }, [done]);
  return (
    <div
      role="status"
      className="no-print pointer-events-none fixed inset-x-0 bottom-20 z-40 flex justify-center px-4 md:bottom-6"
    >
      {shown && (
        <p className="bg-ink text-chaff pointer-events-auto flex items-center gap-4 rounded-xl py-1 pr-2 pl-5 shadow-lg">
          <span className="py-2">{notice.text}</span>
          {done && (
            <button
              type="button"
              className="min-h-11 px-3 font-bold underline underline-offset-4"
              onClick={() => void takeBack(done)}
            >
              {notice.of ? 'Do it again' : 'Undo'}
            </button>
          )}
          <button type="button" aria-label="Close" className="size-11 text-xl" onClick={hush}>
            ×
          </button>
        </p>
      )}
    </div>
  );
}

/** Loaded when it is first wanted: the roast screen has no room to spare. */
async function takeBack(done: Done): Promise<void> {
  hush();
  const { takeDoneBack } = await import('@/store/takeDoneBack');
  await takeDoneBack(database(), done);
}
