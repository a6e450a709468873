import { useEffect, useId, useState } from 'react';
import { database } from '@/store/current';
import type { Opened } from '@/store/fileIn';
import type { Preference } from '@/store/notebook';
import { notify } from '@/store/notices';
import { storageTrouble } from '@/ui/failureWords';
import { useLeaveWarning } from '@/ui/useLeaveWarning';
import { type HeldFile, holdFile, makeReady } from '@/workers/keeper/client';
import { Damage } from './Damage';
import { FromTable } from './FromTable';
import { OwnNotebook } from './OwnNotebook';
import { TheirFile } from './TheirFile';

type State =
  | { readonly kind: 'idle' | 'reading' }
  | { readonly kind: 'stopped' }
  | { readonly kind: 'table'; readonly text: string }
  | { readonly kind: 'refused'; readonly reasons: readonly string[] }
  | { readonly kind: 'ready' | 'loading'; readonly file: HeldFile; readonly found: NotebookFound };

type NotebookFound = Extract<Opened, { kind: 'notebook' }>;

/** Loads a file that Gander saved, or a table: says first what it would bring, then brings it, all or nothing, with undo. */
export function LoadFile() {
  const id = useId();
  const [name, setName] = useState('');
  const [state, setState] = useState<State>({ kind: 'idle' });
  const file = 'file' in state ? state.file : undefined;
  useEffect(makeReady, []);
  useEffect(() => () => file?.close(), [file]);
  useLeaveWarning(state.kind === 'loading');
  const read = async (chosen: File) => {
    setName(chosen.name);
    setState({ kind: 'reading' });
    try {
      const held = await holdFile(database().name, chosen);
      const { opened } = held;
      if (opened.kind === 'notebook') return setState({ kind: 'ready', file: held, found: opened });
      held.close();
      setState(opened);
    } catch (error) {
      setState({ kind: 'refused', reasons: [reasonOf(error)] });
    }
  };
  const load = async (file: HeldFile, found: NotebookFound, preference: Preference, onRows: (n: number) => void) => {
    setState({ kind: 'loading', file, found });
    try {
      notify(await file.bringIn(preference, onRows));
      setState({ kind: 'idle' });
    } catch (error) {
      if ((error as Error).name === 'AbortError') setState({ kind: 'stopped' });
      else setState({ kind: 'refused', reasons: [reasonOf(error)] });
    }
  };
  const done = () => setState({ kind: 'idle' });
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
          accept=".json,.zip,.csv,.tsv,.txt,.log,application/json,text/csv,text/plain"
          className="sr-only"
          disabled={state.kind === 'loading'}
          onChange={(event) => {
            const [chosen] = event.target.files ?? [];
            if (chosen) void read(chosen);
            event.target.value = '';
          }}
        />
      </label>
      {state.kind === 'table' && <FromTable key={name} name={name} text={state.text} onDone={done} />}
      {state.kind === 'reading' && (
        <p role="status" className="mt-4">
          Reading {name}…
        </p>
      )}
      {state.kind === 'stopped' && (
        <p role="status" className="mt-4">
          Stopped. Nothing of {name} was loaded; your notebook is unchanged.
        </p>
      )}
      {state.kind === 'refused' && (
        <div role="alert" className="text-danger mt-4">
          <p className="font-bold">{name} was not loaded. Your notebook is unchanged.</p>
          <ul className="mt-2 list-disc pl-5">
            {state.reasons.map((reason) => (
              <li key={reason}>{reason}</li>
            ))}
          </ul>
        </div>
      )}
      {'file' in state && (
        <>
          <Damage name={name} {...state.found.damage} onKeep={state.file.leftOut} />
          <TheirFile key={name} file={state.file} found={state.found} onDone={done}>
            <OwnNotebook
              name={name}
              found={state.found}
              loading={state.kind === 'loading'}
              onLoad={(preference, onRows) => load(state.file, state.found, preference, onRows)}
              onStop={state.file.stop}
              onLeave={done}
            />
          </TheirFile>
        </>
      )}
    </section>
  );
}

/** Why a file could not be read or loaded. */
function reasonOf(error: unknown): string {
  return storageTrouble(error as Error) === 'full'
    ? 'There is no room left on this device. Make room, then load it again.'
    : (error as Error).message;
}
