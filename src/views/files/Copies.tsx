import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import { formatMegabytes } from '@/core/units';
import { COPIES_KEPT, chooseFolder, sinceSaved } from '@/store/backup';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { askToPersist, type Room, readRoom } from '@/store/room';
import { Button } from '@/ui/Button';
import { copyNow } from '@/ui/makeCopies';
import { sinceWords } from '@/ui/SaveReminder';

type Picker = (options: { mode: 'readwrite'; id: string }) => Promise<FileSystemDirectoryHandle>;
const picker = (globalThis as unknown as { showDirectoryPicker?: Picker }).showDirectoryPicker;

/** When it was last saved, where copies go by themselves, and what the browser promises. */
export function Copies() {
  const since = useLiveQuery(() => sinceSaved(database(), Date.now()), []);
  const backup = useLiveQuery(() => database().backup.get('backup'), []);
  const [room, setRoom] = useState<Room>();
  useEffect(() => void readRoom().then(setRoom), []);
  const choose = async () => {
    try {
      await chooseFolder(database(), await picker?.({ mode: 'readwrite', id: 'gander' }));
    } catch {
      // Closed without a choice.
      return;
    }
    const failed = await copyNow();
    notify({ text: failed ?? 'A copy is in your folder; from now on one goes there each day you open Gander.' });
  };
  const persist = async () => {
    const granted = await askToPersist();
    setRoom(await readRoom());
    if (!granted)
      notify({
        text: 'The browser did not promise it. Add Gander to the home screen or its bookmarks, and save files.',
      });
  };
  return (
    <div className="mt-5 space-y-3">
      {since && <p>{sinceWords(since)}</p>}
      {backup?.failed && (
        <p role="alert" className="text-danger font-bold">
          {backup.failed}
        </p>
      )}
      {picker && (
        <div className="flex flex-wrap items-center gap-3">
          <Button onClick={() => void choose()}>
            {backup?.folder ? 'Another folder' : 'Put a copy into a folder each day'}
          </Button>
          {backup?.folder && (
            <>
              <span>
                A copy a day goes to “{backup.folder.name}”; the last {COPIES_KEPT} stay.
              </span>
              <Button variant="quiet" onClick={() => void chooseFolder(database(), undefined)}>
                No more
              </Button>
            </>
          )}
        </div>
      )}
      {!picker && (
        <p className="text-husk">
          This browser cannot keep copies by itself; Gander reminds you of it when something would be lost.
        </p>
      )}
      {room && (
        <p className="text-husk">
          {roomWords(room)}{' '}
          {room.persisted === false && (
            <button
              type="button"
              className="text-ink min-h-11 underline underline-offset-4"
              onClick={() => void persist()}
            >
              Ask the browser to keep it
            </button>
          )}
        </p>
      )}
    </div>
  );
}

/** What the browser promises, and how much room there is, in a sentence or two. */
export function roomWords({ persisted, usedBytes, isShort, looksPrivate }: Room): string {
  const size = usedBytes === undefined ? '' : ` It takes ${formatMegabytes(usedBytes)} here.`;
  if (looksPrivate)
    return `There is very little room: this is a private window, perhaps, and everything in it goes when it is closed.${size}`;
  const promise =
    persisted === undefined
      ? 'The browser does not say how long it keeps the notebook.'
      : persisted
        ? 'The browser has promised to keep the notebook until you delete it.'
        : 'The browser may clear the notebook when room runs short.';
  return `${promise}${size}${isShort ? ' There is hardly any room left: save a file, and make room on this device.' : ''}`;
}
