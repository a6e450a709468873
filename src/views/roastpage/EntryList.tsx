import { useState } from 'react';
import type { Control } from '@/core/gear';
import { type Deed, markQuestions } from '@/core/heat';
import type { Id } from '@/core/ids';
import { type EntryDraft, isStreamed, type LiveEntry, liveEntries, type Roast } from '@/core/roast';
import { logEntry } from '@/store/atTheHeat';
import { database } from '@/store/current';
import { Button } from '@/ui/Button';
import { useWords } from '@/ui/useHousehold';
import { AddEntry } from './AddEntry';
import { ChargeRow } from './ChargeRow';
import { EntryRow } from './EntryRow';

interface EntryListProps {
  readonly roast: Roast;
  readonly controls: readonly Control[];
}

/** Every entry as it holds now, its time and what it says to be corrected, each to be taken out, forgotten ones added, odd ones asked about. */
export function EntryList({ roast, controls }: EntryListProps) {
  const { temperatureUnit } = useWords();
  const [changes, setChanges] = useState<readonly (readonly Id<'entry'>[])[]>([]);
  const all = liveEntries(roast.entries);
  // A probe's readings by the hundred are the curve's, not a list's.
  const told = all.filter((entry) => entry.kind !== 'reading' || !isStreamed(entry));
  const streamed = all.length - told.length;
  const pops = told.filter((entry) => entry.kind === 'crack').length;
  const [popsShown, setPopsShown] = useState(false);
  const live = popsShown ? told : told.filter((entry) => entry.kind !== 'crack');
  const logAll = async (lines: Extract<Deed, { kind: 'log' }>['lines']) => {
    const ids: Id<'entry'>[] = [];
    for (const { draft, atS } of lines) ids.push(await logEntry(database(), roast.id, draft, atS ?? last));
    setChanges((all) => [...all, ids]);
  };
  const log = (draft: EntryDraft, atS: number) => logAll([{ draft, atS }]);
  // What was done last here is one line of the log, or the few of one answer: all of them are taken back.
  const undo = async () => {
    const targets = changes.at(-1) ?? [];
    setChanges((all) => all.slice(0, -1));
    for (const target of targets) await logEntry(database(), roast.id, { kind: 'undo', target }, last);
  };
  const last = told.at(-1)?.at ?? 0;
  const row = (entry: LiveEntry) => (
    <EntryRow
      key={entry.id}
      entry={entry}
      controls={controls}
      onChange={(facts) => void log({ kind: 'amend', target: entry.id, ...facts }, last)}
      onTakeOut={() => void log({ kind: 'undo', target: entry.id }, last)}
    />
  );
  return (
    <>
      {markQuestions(all).map(({ key, text, answers }) => (
        <div key={key} className="bg-sunk mb-3 rounded-xl px-4 py-3">
          <p className="font-bold">{text}</p>
          <div className="mt-2 flex flex-wrap gap-2">
            {answers?.map(({ label, does }) => (
              <Button key={label} onClick={() => does.kind === 'log' && void logAll(does.lines)}>
                {label}
              </Button>
            ))}
          </div>
        </div>
      ))}
      <ol className="divide-line divide-y">
        {live.filter(({ at }) => at < 0).map(row)}
        {roast.chargedAt && told.length > 0 && <ChargeRow roast={roast} />}
        {live.filter(({ at }) => at >= 0).map(row)}
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
      <AddEntry live={all} controls={controls} unit={temperatureUnit} onAdd={(draft, at) => void log(draft, at)} />
      {changes.length > 0 && (
        <Button className="mt-3" onClick={() => void undo()}>
          Undo
        </Button>
      )}
    </>
  );
}
