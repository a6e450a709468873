import { sum } from 'd3-array';
import { useState } from 'react';
import { tableNouns } from '@/core/exchange';
import { counted } from '@/core/units';
import type { Opened } from '@/store/fileIn';
import type { ContentComparison, Preference } from '@/store/notebook';
import { Button } from '@/ui/Button';
import { Segmented } from '@/ui/Segmented';

interface OwnNotebookProps {
  readonly name: string;
  readonly found: Extract<Opened, { kind: 'notebook' }>;
  readonly loading: boolean;
  /** Brings it in; hears how many rows are written. */
  readonly onLoad: (preference: Preference, onRows: (written: number) => void) => Promise<void>;
  readonly onStop: () => void;
  readonly onLeave: () => void;
}

/** What a notebook file holds beside what is here, which of the two wins, and how far it is loaded. */
export function OwnNotebook({ name, found, loading, onLoad, onStop, onLeave }: OwnNotebookProps) {
  const [preference, setPreference] = useState<Preference>('mine');
  const [written, setWritten] = useState(0);
  const rows = sum(found.comparison, ({ fresh, same, differing }) => fresh + same + differing);
  if (loading)
    return (
      <div className="mt-4 space-y-3">
        <p id="loading" className="font-bold">
          {written === 0
            ? `Comparing ${name} with what is here…`
            : `Loading ${name}: ${written} of ${counted(rows, 'thing')}`}
        </p>
        <progress
          aria-labelledby="loading"
          className="border-ink bg-sunk [&::-webkit-progress-bar]:bg-sunk [&::-webkit-progress-value]:bg-ink [&::-moz-progress-bar]:bg-ink block h-4 w-full max-w-md appearance-none border-2"
          value={written}
          max={rows}
        />
        <p className="text-husk">Stay on this page until it is done. Stopping leaves everything as it was.</p>
        <Button onClick={onStop}>Stop</Button>
      </div>
    );
  return (
    <div className="mt-4 space-y-3">
      <p className="font-bold">{name} holds:</p>
      <ul>
        {found.comparison
          .filter(({ fresh, same, differing }) => fresh + same + differing > 0)
          .map((each) => (
            <li key={each.table}>{comparedWords(each)}</li>
          ))}
        {found.beside.photos > 0 && <li>the photos of {counted(found.beside.photos, 'roast')}</li>}
        {found.beside.sounds > 0 && <li>the sound of {counted(found.beside.sounds, 'roast')}</li>}
        {found.beside.lost > 0 && (
          <li className="text-danger">
            {counted(found.beside.lost, 'sound or photo', 'sounds or photos')} that cannot be read and stay out
          </li>
        )}
      </ul>
      <div>
        <Segmented
          titled
          label="Where they differ"
          value={preference}
          options={[
            { value: 'mine', name: 'keep mine' },
            { value: 'file', name: 'take the file’s' },
            ...(found.hasSettings ? [{ value: 'replace' as const, name: 'replace everything' }] : []),
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
        <Button variant="next" onClick={() => void onLoad(preference, setWritten)}>
          Load it
        </Button>
        <Button onClick={onLeave}>Leave it</Button>
      </div>
    </div>
  );
}

/** “41 roasts: 3 new, 36 here already, 2 that differ from yours”. */
function comparedWords({ table, fresh, same, differing }: ContentComparison): string {
  const { one, many } = tableNouns[table];
  const all = fresh + same + differing;
  const parts = [
    `${fresh} new`,
    `${same} here already`,
    ...(differing > 0 ? [`${differing} that ${differing === 1 ? 'differs' : 'differ'} from yours`] : []),
  ];
  return `${all} ${all === 1 ? one : many}: ${parts.join(', ')}`;
}
