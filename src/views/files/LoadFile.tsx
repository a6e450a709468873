import { useId, useState } from 'react';
import { type ContentComparison, compareContent, type Notebook, type Salvaged, tableNouns } from '@/core/exchange';
import { issueSentence } from '@/core/issues';
import { counted } from '@/core/units';
import type { Change } from '@/store/changes';
import { database } from '@/store/current';
import { loadContent, type Preference, readContent } from '@/store/notebook';
import { say } from '@/store/notices';
import { readSavedFile } from '@/store/rawRows';
import { Button } from '@/ui/Button';
import { Segmented } from '@/ui/Segmented';
import { Damage } from './Damage';
import { decodeText } from './decodeText';
import { FromTable } from './FromTable';
import { Theirs } from './Theirs';

type State =
  | { readonly kind: 'idle' }
  | { readonly kind: 'reading' }
  | { readonly kind: 'table'; readonly name: string; readonly text: string }
  | { readonly kind: 'refused'; readonly name: string; readonly reasons: readonly string[] }
  | {
      readonly kind: 'ready';
      readonly name: string;
      readonly notebook: Notebook;
      readonly comparison: readonly ContentComparison[];
      /** What the file had that could not be taken in. */
      readonly damage: Pick<Salvaged, 'leftOut' | 'cutOff'>;
    };

/** A whole notebook is one's own; single roasts and recipes may have been given by somebody. */
const canBeTheirs = ({ household, roasts, recipes }: Notebook) =>
  household === undefined && roasts.length + recipes.length > 0;

/** “12 things added or changed, and the settings”. */
function loadedWords(change: Change): string {
  const content = change.filter(({ table }) => table !== 'household');
  const gone = content.filter(({ after }) => !after).length;
  const parts = [
    ...(content.length > gone ? [`${counted(content.length - gone, 'thing')} added or changed`] : []),
    ...(gone > 0 ? [`${counted(gone, 'thing')} gone`] : []),
    ...(content.length < change.length ? ['the settings'] : []),
  ];
  return parts.join(', and ');
}

/** Loads a notebook file: says first what it would bring, then brings it, all or nothing, with undo. */
export function LoadFile() {
  const id = useId();
  const [state, setState] = useState<State>({ kind: 'idle' });
  const [preference, setPreference] = useState<Preference>('mine');
  const [whose, setWhose] = useState<'mine' | 'theirs'>('mine');
  const theirs = state.kind === 'ready' && canBeTheirs(state.notebook) && whose === 'theirs';
  const read = async (file: File) => {
    setState({ kind: 'reading' });
    const text = decodeText(new Uint8Array(await file.arrayBuffer()));
    if (!/^\s*\{/.test(text.slice(0, 200).replace('\ufeff', '')))
      return setState({ kind: 'table', name: file.name, text });
    const salvaged = readSavedFile(text);
    if (!salvaged.ok)
      return setState({ kind: 'refused', name: file.name, reasons: salvaged.issues.map(issueSentence) });
    const { notebook } = salvaged.value;
    const here = await readContent(database());
    // Beans and gear that nobody here has are most likely somebody else's.
    const known = notebook.gear.some(({ id }) => here.gear.some((each) => each.id === id));
    setWhose(known || here.gear.length === 0 ? 'mine' : 'theirs');
    setPreference('mine');
    const comparison = compareContent(here, notebook);
    setState({ kind: 'ready', name: file.name, notebook, comparison, damage: salvaged.value });
  };
  const load = async (notebook: Notebook, name: string) => {
    const change = await loadContent(database(), notebook, preference);
    say({
      text:
        change.length === 0 ? `Everything in ${name} was here already.` : `${name} is loaded: ${loadedWords(change)}.`,
      undo: change,
    });
    setState({ kind: 'idle' });
  };
  return (
    <section className="border-ink border-t-2 pt-3">
      <h2 className="mb-2 text-2xl">Load a file</h2>
      <p className="mb-4">
        A notebook, a roast or a recipe that Gander saved, yours or a friend’s; or a table from elsewhere: the
        temperatures of a roast, a list of roasts. You see what it brings before anything changes.
      </p>
      <label
        htmlFor={id}
        className="border-ink hover:bg-sunk focus-within:outline-slate inline-flex min-h-11 items-center rounded-xl border-2 px-5 font-bold focus-within:outline-3"
      >
        Choose a file
        <input
          id={id}
          type="file"
          accept=".json,.csv,.tsv,.txt,.log,application/json,text/csv,text/plain"
          className="sr-only"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            if (file) void read(file);
            event.target.value = '';
          }}
        />
      </label>
      {state.kind === 'table' && (
        <FromTable key={state.name} name={state.name} text={state.text} onDone={() => setState({ kind: 'idle' })} />
      )}
      {state.kind === 'reading' && <p className="mt-4">Reading…</p>}
      {state.kind === 'refused' && (
        <div role="alert" className="text-danger mt-4">
          <p className="font-bold">{state.name} was not loaded. Your notebook is unchanged.</p>
          <ul className="mt-2 list-disc pl-5">
            {state.reasons.map((reason) => (
              <li key={reason}>{reason}</li>
            ))}
          </ul>
        </div>
      )}
      {state.kind === 'ready' && (state.damage.cutOff || state.damage.leftOut.length > 0) && (
        <Damage name={state.name} {...state.damage} />
      )}
      {state.kind === 'ready' && canBeTheirs(state.notebook) && (
        <div className="mt-4">
          <p className="text-husk mb-1">Whose is it?</p>
          <Segmented
            label="Whose is it?"
            value={whose}
            options={[
              { value: 'mine', name: 'mine' },
              { value: 'theirs', name: 'somebody else’s' },
            ]}
            onChange={setWhose}
          />
        </div>
      )}
      {state.kind === 'ready' && theirs && (
        <Theirs notebook={state.notebook} onDone={() => setState({ kind: 'idle' })} />
      )}
      {state.kind === 'ready' && !theirs && (
        <div className="mt-4 space-y-3">
          <p className="font-bold">{state.name} holds:</p>
          <ul>
            {state.comparison.map(({ table, fresh, same, differing }) => (
              <li key={table}>
                {fresh + same + differing} {tableNouns[table].many}: {fresh} new, {same} here already
                {differing > 0 && `, ${differing} that differ from yours`}
              </li>
            ))}
          </ul>
          <div>
            <p className="text-husk mb-1">Where they differ</p>
            <Segmented
              label="Where they differ"
              value={preference}
              options={[
                { value: 'mine', name: 'keep mine' },
                { value: 'file', name: 'take the file’s' },
                ...(state.notebook.household ? [{ value: 'replace' as const, name: 'replace everything' }] : []),
              ]}
              onChange={setPreference}
            />
          </div>
          {preference === 'replace' && (
            <p className="text-danger font-bold">
              What is here and not in the file goes. It can be taken back, and lies among the deleted for 30 days.
            </p>
          )}
          <div className="flex gap-3">
            <Button variant="next" onClick={() => void load(state.notebook, state.name)}>
              Load it
            </Button>
            <Button onClick={() => setState({ kind: 'idle' })}>Leave it</Button>
          </div>
        </div>
      )}
    </section>
  );
}
