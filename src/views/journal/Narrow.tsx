import { Search } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { type JournalQuery, type Sorting, sortingNames, sortings, whatIsAsked } from '@/core/journal';
import { Choice } from '@/ui/Choice';
import { RoastDays } from './RoastDays';
import { Sentence } from './Sentence';
import type { JournalModel } from './useJournal';

interface NarrowProps {
  readonly query: JournalQuery;
  readonly sorting: Sorting;
  readonly journal: JournalModel;
  readonly onAsk: (some: { readonly query?: JournalQuery; readonly sorting?: Sorting }) => void;
  readonly onKeep: () => void;
}

/** A search line, the order, and what narrows the journal down further. */
export function Narrow({ query, sorting, journal, onAsk, onKeep }: NarrowProps) {
  const [open, setOpen] = useState(() => Object.keys(query).some((field) => field !== 'text'));
  const [calendar, setCalendar] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== '/' || event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement)
        return;
      event.preventDefault();
      field.current?.focus();
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, []);
  const asks = sorting !== 'newest' || Object.keys(whatIsAsked(query)).length > 0;
  const set = (some: Partial<JournalQuery>) => onAsk({ query: { ...query, ...some } });
  return (
    <>
      <div className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
        <label className="border-ink flex min-h-11 min-w-0 flex-1 basis-72 items-center gap-2 border-b-2">
          <Search className="text-husk size-5 shrink-0" aria-hidden="true" />
          <input
            ref={field}
            type="search"
            aria-label="Search the journal"
            placeholder="beans, notes, tastes, what stood out"
            className="min-h-11 w-full min-w-0 bg-transparent"
            value={query.text ?? ''}
            onChange={(event) => set({ text: event.target.value || undefined })}
            onKeyDown={(event) => {
              if (event.key === 'Escape') set({ text: undefined });
              if (event.key === 'ArrowDown') document.querySelector<HTMLElement>('[data-row] a')?.focus();
            }}
          />
        </label>
        <button
          type="button"
          aria-expanded={open}
          className="min-h-11 font-bold underline decoration-2 underline-offset-4"
          onClick={() => setOpen(!open)}
        >
          {open ? 'Less' : 'Narrow it down'}
        </button>
        <button
          type="button"
          aria-expanded={calendar}
          className="min-h-11 underline underline-offset-4"
          onClick={() => setCalendar(!calendar)}
        >
          {calendar ? 'Hide the calendar' : 'Calendar'}
        </button>
        <Choice
          label="Order"
          value={sorting}
          options={sortings.map((each) => [each, sortingNames[each]])}
          onPick={(each) => onAsk({ sorting: each })}
        />
        {/* Their room stays theirs, so that nothing moves with the first letters of a search. */}
        <span className={asks ? 'flex gap-x-5' : 'invisible flex gap-x-5 max-md:hidden'}>
          <button
            type="button"
            className="min-h-11 underline underline-offset-4"
            onClick={() => onAsk({ query: {}, sorting: 'newest' })}
          >
            Show all
          </button>
          <button type="button" className="text-husk min-h-11 underline underline-offset-4" onClick={onKeep}>
            Keep this view
          </button>
        </span>
      </div>
      {open && <Sentence query={query} journal={journal} set={set} />}
      {calendar && <RoastDays days={journal.read?.days} query={query} onAsk={onAsk} />}
    </>
  );
}
