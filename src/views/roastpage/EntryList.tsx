import { useState } from 'react';
import type { Id } from '@/core/ids';
import { issueSentence } from '@/core/issues';
import { type EntryDraft, type LiveEntry, liveEntries, type Milestone, milestoneNames, type Roast } from '@/core/roast';
import { formatClock, parseClock } from '@/core/units';
import { logEntry } from '@/store/atTheHeat';
import { database } from '@/store/current';
import { Button } from '@/ui/Button';
import { entryName } from '@/ui/entryWords';
import { useWords } from '@/ui/useHousehold';

interface EntryListProps {
  readonly roast: Roast;
  readonly controlName: (id: string) => string;
}

const LEAST_S = -14_400;
const MOST_S = 86_400;

/** Every entry as it holds now, each time to be corrected as m:ss, each to be taken out, forgotten ones to be added. */
export function EntryList({ roast, controlName }: EntryListProps) {
  const words = useWords();
  const [changes, setChanges] = useState<readonly Id<'entry'>[]>([]);
  const all = liveEntries(roast.entries);
  // A probe's readings by the hundred are the curve's, not a list's.
  const told = all.filter((entry) => entry.kind !== 'reading' || entry.source === 'hand');
  const streamed = all.length - told.length;
  const pops = told.filter((entry) => entry.kind === 'crack').length;
  const [popsShown, setPopsShown] = useState(false);
  const live = popsShown ? told : told.filter((entry) => entry.kind !== 'crack');
  const log = async (draft: EntryDraft, atS: number) => {
    const id = await logEntry(database(), roast.id, draft, atS);
    setChanges((ids) => [...ids, id]);
  };
  // Whatever was done last here is one line of the log, so one undo of that line takes it back.
  const undo = async () => {
    const target = changes.at(-1);
    setChanges((ids) => ids.slice(0, -1));
    if (target) await logEntry(database(), roast.id, { kind: 'undo', target }, last);
  };
  const last = told.at(-1)?.at ?? 0;
  return (
    <>
      <ol className="divide-line divide-y">
        {live.map((entry) => (
          <li key={entry.id} className="flex items-center gap-4 py-0.5">
            <TimeField
              entry={entry}
              onTime={(happenedAt) => void log({ kind: 'amend', target: entry.id, happenedAt }, last)}
            />
            <span className="mr-auto">
              {entryName(entry, words, controlName)}
              {entry.corrected && (
                <span className="text-husk text-[0.9rem]"> · pressed at {formatClock(entry.pressedAt)}</span>
              )}
            </span>
            <button
              type="button"
              aria-label={`Take out ${entryName(entry, words, controlName)} at ${formatClock(entry.at)}`}
              className="text-husk hover:text-ink size-11 text-xl"
              onClick={() => void log({ kind: 'undo', target: entry.id }, last)}
            >
              ×
            </button>
          </li>
        ))}
        {pops > 0 && (
          <li className="py-1">
            <Button variant="quiet" onClick={() => setPopsShown(!popsShown)}>
              {popsShown ? 'Hide the pops' : `Show the ${pops === 1 ? 'one pop' : `${pops} pops`} that were tapped`}
            </Button>
          </li>
        )}
        {streamed > 0 && <li className="text-husk py-3">{streamed} readings of the probe, drawn above.</li>}
        {told.length === 0 && <li className="text-husk py-3">Nothing was marked.</li>}
      </ol>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <AddMilestone live={all} onAdd={(draft, at) => void log(draft, at)} />
        {changes.length > 0 && <Button onClick={() => void undo()}>Undo</Button>}
      </div>
    </>
  );
}

function TimeField({ entry, onTime }: { readonly entry: LiveEntry; readonly onTime: (seconds: number) => void }) {
  const shown = formatClock(entry.at);
  const [text, setText] = useState<string>();
  const [error, setError] = useState<string>();
  const keep = () => {
    if (text === undefined || text.trim() === shown) return setText(undefined);
    const parsed = parseClock(text);
    if (!parsed.ok) return setError(parsed.issues.map(issueSentence).join(' '));
    if (parsed.value < LEAST_S || parsed.value > MOST_S)
      return setError('A roast’s times lie between 4 hours before the beans went in and a day after.');
    onTime(parsed.value);
    setText(undefined);
    setError(undefined);
  };
  return (
    <span>
      <input
        aria-label={`Time of ${entry.kind === 'mark' ? milestoneNames[entry.milestone] : entry.kind}`}
        aria-invalid={error ? true : undefined}
        className="num border-line hover:border-husk focus:border-ink aria-invalid:border-danger min-h-11 w-[6.5ch] border-b-2 bg-transparent text-right"
        value={text ?? shown}
        onChange={(event) => setText(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter') keep();
          if (event.key === 'Escape') {
            setText(undefined);
            setError(undefined);
          }
        }}
      />
      {error && (
        <span role="alert" className="text-danger block max-w-56 text-[0.9rem]">
          {error}
        </span>
      )}
    </span>
  );
}

const MARKS: readonly Milestone[] = ['yellow', 'firstCrack', 'firstCrackEnd', 'secondCrack', 'pull', 'cooled'];

function AddMilestone({
  live,
  onAdd,
}: {
  readonly live: readonly LiveEntry[];
  readonly onAdd: (draft: EntryDraft, atS: number) => void;
}) {
  const missing = MARKS.filter(
    (milestone) =>
      !live.some((entry) =>
        milestone === 'pull'
          ? entry.kind === 'pull' && entry.all
          : entry.kind === 'mark' && entry.milestone === milestone,
      ),
  );
  const [milestone, setMilestone] = useState<Milestone>();
  const [text, setText] = useState('');
  const chosen = milestone && missing.includes(milestone) ? milestone : missing[0];
  if (!chosen) return null;
  const parsed = parseClock(text);
  const add = () => {
    if (!parsed.ok) return;
    onAdd(chosen === 'pull' ? { kind: 'pull', all: true } : { kind: 'mark', milestone: chosen }, parsed.value);
    setText('');
  };
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <span className="text-husk">Forgotten:</span>
      <select
        aria-label="Forgotten milestone"
        className="border-husk min-h-11 border-b-2 bg-transparent"
        value={chosen}
        onChange={(event) => setMilestone(event.target.value as Milestone)}
      >
        {missing.map((each) => (
          <option key={each} value={each}>
            {milestoneNames[each]}
          </option>
        ))}
      </select>
      <input
        aria-label="Its time"
        placeholder="7:42"
        className="num border-husk min-h-11 w-[6.5ch] border-b-2 bg-transparent text-right"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <Button type="submit" disabled={!parsed.ok} className="disabled:opacity-40">
        Add
      </Button>
    </form>
  );
}
