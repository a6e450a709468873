import { type ReactNode, useEffect, useState } from 'react';
import type { Notebook } from '@/core/exchange';
import type { Opened } from '@/store/fileIn';
import { Segmented } from '@/ui/Segmented';
import type { HeldFile } from '@/workers/keeper/client';
import { Theirs } from './Theirs';

interface TheirFileProps {
  readonly file: HeldFile;
  readonly found: Extract<Opened, { kind: 'notebook' }>;
  readonly onDone: () => void;
  /** What is shown for a file of one's own. */
  readonly children: ReactNode;
}

/** Asks whose a file of single roasts or recipes is; somebody else's is looked at and kept as theirs. */
export function TheirFile({ file, found, onDone, children }: TheirFileProps) {
  const [whose, setWhose] = useState<'mine' | 'theirs'>(found.isProbablyMine ? 'mine' : 'theirs');
  const [notebook, setNotebook] = useState<Notebook>();
  const theirs = found.canBeTheirs && whose === 'theirs';
  useEffect(() => {
    if (theirs) void file.notebook().then(setNotebook);
  }, [theirs, file]);
  return (
    <>
      {found.canBeTheirs && (
        <div className="mt-4">
          <Segmented
            titled
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
      {!theirs && children}
      {theirs && notebook && <Theirs notebook={notebook} onDone={onDone} />}
    </>
  );
}
