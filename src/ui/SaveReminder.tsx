import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import { counted } from '@/core/units';
import { type SinceSaved, sinceSaved } from '@/store/backup';
import { chosenHousehold, database } from '@/store/current';
import { notify } from '@/store/notices';
import { askToPersist } from '@/store/room';
import { onDevice, thisVisit } from '@/store/small';
import { Button } from './Button';
import { copyNow, copyWhenDue } from './makeCopies';
import { saveWhole } from './saveNotebook';

const LATER = 'gander.saveLater';
const ASKED = 'gander.askedToPersist';
/** From so many roasts on the notebook is worth asking the browser for. */
const WORTH_ASKING = 3;

/** Makes the day's copy where a folder was chosen; else reminds, when something would be lost, and saves with one press. */
export function SaveReminder() {
  const since = useLiveQuery(() => sinceSaved(database(), Date.now()), []);
  const failed = useLiveQuery(async () => (await database().backup.get('backup'))?.failed, []);
  const [later, setLater] = useState(() => thisVisit.get(LATER) !== undefined);
  const isOwn = chosenHousehold() !== 'demo';
  useEffect(() => {
    if (!isOwn) return;
    void copyWhenDue();
    if (onDevice.get(ASKED) !== undefined) return;
    void database()
      .roasts.count()
      .then((roasts) => {
        if (roasts < WORTH_ASKING) return;
        onDevice.set(ASKED, '');
        void askToPersist();
      });
  }, [isOwn]);
  if (!isOwn || later || !since || !(since.due || failed)) return null;
  const putOff = () => {
    thisVisit.set(LATER, '');
    setLater(true);
  };
  const save = async () => {
    if (failed) {
      const words = await copyNow();
      if (words === undefined) return notify({ text: 'A copy is in your folder.' });
    }
    await saveWhole();
  };
  return (
    <section
      aria-label="Save the notebook"
      className="no-print border-line flex flex-wrap items-center gap-3 border-b py-2"
    >
      <p className="mr-auto">{failed ?? sinceWords(since)}</p>
      <Button onClick={() => void save()}>Save it now</Button>
      <Button variant="quiet" onClick={putOff}>
        Later
      </Button>
    </section>
  );
}

/** “Saved 41 days ago; 12 roasts since.” */
export function sinceWords({ days, roasts }: Pick<SinceSaved, 'days' | 'roasts'>): string {
  if (days === undefined) {
    const what = roasts === 0 ? 'Never' : `${counted(roasts, 'roast')} and never`;
    return `${what} saved as a file: browsers may clear their data.`;
  }
  const ago = days === 0 ? 'today' : days === 1 ? 'yesterday' : `${days} days ago`;
  return `Saved ${ago}; ${roasts === 0 ? 'no roast' : counted(roasts, 'roast')} since.`;
}
