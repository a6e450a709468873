import { useEffect, useSyncExternalStore } from 'react';
import { applyChange, invertChange } from '@/store/change';
import { database } from '@/store/current';
import { currentNotice, hush, onNotice } from '@/store/notices';

/** Long enough to read it, decide and reach it with a full hand. */
const SHOWN_MS = 12_000;

/** What just happened, at the foot of the page, with its undo. */
export function NoticeBar() {
  const notice = useSyncExternalStore(onNotice, currentNotice, () => undefined);
  useEffect(() => {
    if (!notice) return;
    const timer = setTimeout(hush, SHOWN_MS);
    return () => clearTimeout(timer);
  }, [notice]);
  return (
    <div
      role="status"
      className="no-print pointer-events-none fixed inset-x-0 bottom-20 z-40 flex justify-center px-4 md:bottom-6"
    >
      {notice && (
        <p className="bg-ink text-chaff pointer-events-auto flex items-center gap-4 rounded-xl py-1 pr-2 pl-5 shadow-lg">
          <span className="py-2">{notice.text}</span>
          {notice.undo && (
            <button
              type="button"
              className="min-h-11 px-3 font-bold underline underline-offset-4"
              onClick={async () => {
                await applyChange(database(), invertChange(notice.undo ?? []));
                hush();
              }}
            >
              Undo
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
