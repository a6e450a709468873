import { useLiveQuery } from 'dexie-react-hooks';
import { type JournalQuery, type Sorting, whatIsAsked } from '@/core/journal';
import { database } from '@/store/current';
import { keepView, removeView } from '@/store/journalViews';
import { notify } from '@/store/notices';

interface SavedViewsProps {
  readonly query: JournalQuery;
  readonly sorting: Sorting;
  /** This search is being given a name to be kept under. */
  readonly naming: boolean;
  readonly onNamed: () => void;
  readonly onAsk: (asked: { readonly query: JournalQuery; readonly sorting: Sorting }) => void;
}

/** Searches kept under a name, and the name for this one. */
export function SavedViews({ query, sorting, naming, onNamed, onAsk }: SavedViewsProps) {
  const views = useLiveQuery(() => database().journalViews.toArray(), []);
  const asked = whatIsAsked(query);
  const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
  const open = views?.find((view) => view.sorting === sorting && same(view.query, asked));
  const keep = async (form: FormData) => {
    const name = String(form.get('name')).trim();
    onNamed();
    if (name) await keepView(database(), name, asked, sorting);
  };
  if ((views ?? []).length === 0 && !naming) return null;
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
              notify({ text: `The view “${view.name}” is deleted.`, undo: await removeView(database(), view) })
            }
          >
            ×
          </button>
        </span>
      ))}
      {naming && open && (
        <span className="text-husk" role="status">
          This view is kept already, as “{open.name}”.
        </span>
      )}
      {naming && !open && (
        <form className="flex items-center gap-2" action={keep}>
          <input
            // biome-ignore lint/a11y/noAutofocus: it was just asked for
            autoFocus
            name="name"
            aria-label="Name of the view"
            placeholder="a name for it"
            maxLength={60}
            className="border-ink min-h-11 border-b-2 bg-transparent"
            onKeyDown={(event) => event.key === 'Escape' && onNamed()}
          />
          <button type="submit" className="min-h-11 font-bold underline underline-offset-4">
            Keep
          </button>
        </form>
      )}
    </div>
  );
}
