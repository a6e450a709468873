import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { lotTitle, processes, processNames } from '@/core/bean';
import { type FindingId, findingNames } from '@/core/diagnose';
import type { JournalQuery } from '@/core/journal';
import { database } from '@/store/current';
import { Choice } from '@/ui/Choice';
import { useWords } from '@/ui/useHousehold';
import { findingCounts } from './useFindings';
import type { JournalModel } from './useJournal';

interface SentenceProps {
  readonly query: JournalQuery;
  readonly journal: JournalModel;
  readonly set: (some: Partial<JournalQuery>) => void;
}

/** A sentence whose underlined parts narrow the journal down. */
export function Sentence({ query, journal, set }: SentenceProps) {
  const words = useWords();
  const names = useLiveQuery(async () => {
    const db = database();
    const [lots, gear] = await Promise.all([db.lots.toArray(), db.gear.toArray()]);
    return { lots, gear };
  }, []);
  const { done, total } = journal.findings;
  const counts = useMemo(() => findingCounts(journal.findings), [journal.findings]);
  return (
    <div className="mt-3 text-lg leading-relaxed">
      Roasts of{' '}
      <Pick
        label="Beans"
        any="any beans"
        value={query.lotId}
        options={(names?.lots ?? []).map((lot) => [lot.id, lotTitle(lot)])}
        onPick={(lotId) => set({ lotId })}
      />
      , made{' '}
      <Pick
        label="Process"
        any="any way"
        value={query.process}
        options={processes.map((process) => [process, processNames[process]])}
        onPick={(process) => set({ process })}
      />
      , in{' '}
      <Pick
        label="Gear"
        any="any gear"
        value={query.gearId}
        options={(names?.gear ?? []).map((gear) => [gear.id, gear.nickname])}
        onPick={(gearId) => set({ gearId })}
      />
      , came out{' '}
      <Pick
        label="Shade"
        any="any shade"
        value={query.shade}
        options={words.shadeChoices()}
        onPick={(shade) => set({ shade })}
      />
      , liked{' '}
      <Pick
        label="Liked"
        any="or not"
        value={query.stars}
        options={[5, 4, 3, 2, 1].map((stars) => [stars, stars === 5 ? 'five of five' : `${stars} of five or more`])}
        onPick={(stars) => set({ stars })}
      />
      , where{' '}
      <Pick
        label="What stands out"
        any="anything or nothing stands out"
        value={query.finding}
        options={Object.entries(findingNames).map(([id, name]) => {
          const count = counts.get(id as FindingId);
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
        options={(journal.read?.tags ?? []).map((tag) => [tag, tag])}
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

interface PickProps<T extends string | number> {
  readonly label: string;
  /** What stands there while nothing is picked. */
  readonly any: string;
  readonly value: T | undefined;
  readonly options: readonly (readonly [T, string])[];
  readonly onPick: (value: T | undefined) => void;
  readonly onFocus?: () => void;
}

function Pick<T extends string | number>({ label, any, value, options, onPick, onFocus }: PickProps<T>) {
  return (
    <Choice<T | ''>
      label={label}
      value={value ?? ''}
      options={[['', any], ...options]}
      onFocus={onFocus}
      onPick={(picked) => onPick(picked === '' ? undefined : picked)}
    />
  );
}
