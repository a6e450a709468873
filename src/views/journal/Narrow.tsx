import { useLiveQuery } from 'dexie-react-hooks';
import { Search } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { lotTitle, processes, processNames } from '@/core/bean';
import { findingNames } from '@/core/diagnose';
import { type JournalQuery, type Sorting, sortingNames, sortings, whatIsAsked } from '@/core/journal';
import { shadeNumbers } from '@/core/shade';
import { database } from '@/store/current';
import { useWords } from '@/ui/useHousehold';
import { RoastDays } from './RoastDays';
import type { JournalModel } from './useJournal';

interface NarrowProps {
  readonly query: JournalQuery;
  readonly sorting: Sorting;
  readonly journal: JournalModel;
  readonly onAsk: (some: { readonly query?: JournalQuery; readonly sorting?: Sorting }) => void;
  readonly onKeep: () => void;
}

/** A search line, and a sentence whose underlined parts narrow the journal down. */
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
        <label className="flex items-center gap-2">
          <span className="sr-only">Order</span>
          <select
            aria-label="Order"
            className="choice"
            value={sorting}
            onChange={(event) => onAsk({ sorting: event.target.value as Sorting })}
          >
            {sortings.map((each) => (
              <option key={each} value={each}>
                {sortingNames[each]}
              </option>
            ))}
          </select>
        </label>
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
      {calendar && <RoastDays days={journal.facets?.days} query={query} onAsk={onAsk} />}
    </>
  );
}

function Sentence({
  query,
  journal,
  set,
}: {
  readonly query: JournalQuery;
  readonly journal: JournalModel;
  readonly set: (some: Partial<JournalQuery>) => void;
}) {
  const words = useWords();
  const names = useLiveQuery(async () => {
    const db = database();
    const [lots, gear] = await Promise.all([db.lots.toArray(), db.gear.toArray()]);
    return { lots, gear };
  }, []);
  const { found, done, total } = journal.findings;
  return (
    <div className="mt-3 text-lg leading-relaxed">
      Roasts of{' '}
      <Pick
        label="Beans"
        any="any beans"
        value={query.lotId}
        options={(names?.lots ?? []).map((lot) => [lot.id, lotTitle(lot)])}
        onPick={(lotId) => set({ lotId: lotId as JournalQuery['lotId'] })}
      />
      , made{' '}
      <Pick
        label="Process"
        any="any way"
        value={query.process}
        options={processes.map((process) => [process, processNames[process]])}
        onPick={(process) => set({ process: process as JournalQuery['process'] })}
      />
      , in{' '}
      <Pick
        label="Gear"
        any="any gear"
        value={query.gearId}
        options={(names?.gear ?? []).map((gear) => [gear.id, gear.nickname])}
        onPick={(gearId) => set({ gearId: gearId as JournalQuery['gearId'] })}
      />
      , came out{' '}
      <Pick
        label="Shade"
        any="any shade"
        value={query.shade === undefined ? undefined : String(query.shade)}
        options={shadeNumbers.map((shade) => [String(shade), words.shade(shade)])}
        onPick={(shade) => set({ shade: shade === undefined ? undefined : (Number(shade) as JournalQuery['shade']) })}
      />
      , liked{' '}
      <Pick
        label="Liked"
        any="or not"
        value={query.stars === undefined ? undefined : String(query.stars)}
        options={[5, 4, 3, 2, 1].map((stars) => [
          String(stars),
          stars === 5 ? 'five of five' : `${stars} of five or more`,
        ])}
        onPick={(stars) => set({ stars: stars === undefined ? undefined : Number(stars) })}
      />
      , where{' '}
      <Pick
        label="What stands out"
        any="anything or nothing stands out"
        value={query.finding}
        options={Object.entries(findingNames).map(([id, name]) => {
          const count = found.find((each) => each.id === id)?.roasts;
          return [id, count === undefined ? name : `${name} (${count})`];
        })}
        onFocus={journal.readFindings}
        onPick={(finding) => set({ finding })}
      />
      , tagged{' '}
      <Pick
        label="Tag"
        any="anyhow"
        value={query.tag}
        options={(journal.facets?.tags ?? []).map((tag) => [tag, tag])}
        onPick={(tag) => set({ tag })}
      />
      , from{' '}
      <input
        type="date"
        aria-label="From"
        className="choice"
        value={query.from ?? ''}
        onChange={(event) => set({ from: event.target.value || undefined })}
      />{' '}
      to{' '}
      <input
        type="date"
        aria-label="To"
        className="choice"
        value={query.to ?? ''}
        onChange={(event) => set({ to: event.target.value || undefined })}
      />
      .
      {query.finding && done < total && (
        <p className="text-husk text-base" role="status">
          Looking through the journal: {done} of {total} roasts read.
        </p>
      )}
    </div>
  );
}

interface PickProps {
  readonly label: string;
  readonly any: string;
  readonly value: string | undefined;
  readonly options: readonly (readonly [string, string])[];
  readonly onPick: (value: string | undefined) => void;
  readonly onFocus?: () => void;
}

function Pick({ label, any, value, options, onPick, onFocus }: PickProps) {
  return (
    <select
      aria-label={label}
      className="choice"
      value={value ?? ''}
      onFocus={onFocus}
      onChange={(event) => onPick(event.target.value || undefined)}
    >
      <option value="">{any}</option>
      {options.map(([key, name]) => (
        <option key={key} value={key}>
          {name}
        </option>
      ))}
    </select>
  );
}
