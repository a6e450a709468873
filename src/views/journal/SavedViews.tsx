import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import type { JournalQuery, Sorting } from '@/core/journal';
import { database } from '@/store/current';
import { keepView, removeView } from '@/store/journalViews';
import { say } from '@/store/notices';

interface SavedViewsProps {
  readonly query: JournalQuery;
  readonly sorting: Sorting;
  readonly onAsk: (asked: { readonly query: JournalQuery; readonly sorting: Sorting }) => void;
}

/** Searches kept under a name, and the way to keep this one. */
export function SavedViews({ query, sorting, onAsk }: SavedViewsProps) {
  const views = useLiveQuery(() => database().journalViews.toArray(), []);
  const [name, setName] = useState<string>();
  const asks = sorting !== 'newest' || Object.values(query).some((part) => part !== undefined && part !== '');
  const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
  const open = views?.find((view) => view.sorting === sorting && same(view.query, clean(query)));
  const keep = async () => {
    const text = name?.trim();
    setName(undefined);
    if (text) await keepView(database(), text.slice(0, 60), clean(query), sorting);
  };
  if ((views ?? []).length === 0 && !asks) return null;
  return (
    <div className="mt-1 flex flex-wrap items-center gap-x-5">
      {views?.map((view) => (
        <span key={view.id} className="inline-flex items-center">
          <button
            type="button"
            aria-pressed={view === open}
            className="min-h-11 underline-offset-4 hover:underline aria-pressed:font-bold aria-pressed:underline"
            onClick={() => onAsk(view)}
          >
            {view.name}
          </button>
          <button
            type="button"
            aria-label={`Delete the view ${view.name}`}
            className="text-husk hover:text-ink min-h-11 px-2 text-xl"
            onClick={async () =>
              say({ text: `The view “${view.name}” is deleted.`, undo: await removeView(database(), view) })
            }
          >
            ×
          </button>
        </span>
      ))}
      {asks && !open && name === undefined && (
        <button type="button" className="text-husk min-h-11 underline underline-offset-4" onClick={() => setName('')}>
          Keep this view
        </button>
      )}
      {name !== undefined && (
        <form
          className="flex items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void keep();
          }}
        >
          <input
            // biome-ignore lint/a11y/noAutofocus: it was just asked for
            autoFocus
            aria-label="Name of the view"
            placeholder="a name for it"
            maxLength={60}
            className="border-ink min-h-11 border-b-2 bg-transparent"
            value={name}
            onChange={(event) => setName(event.target.value)}
            onKeyDown={(event) => event.key === 'Escape' && setName(undefined)}
          />
          <button type="submit" className="min-h-11 font-bold underline underline-offset-4">
            Keep
          </button>
        </form>
      )}
    </div>
  );
}

/** Without the parts that ask nothing. */
function clean(query: JournalQuery): JournalQuery {
  return Object.fromEntries(
    Object.entries(query).filter(([, value]) => value !== undefined && value !== ''),
  ) as JournalQuery;
}
