import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import type { Aside } from '@/store/aside';
import { database } from '@/store/current';
import { asideText, canRepair, repair } from '@/store/repair';
import { Button } from '@/ui/Button';
import { saveBlob } from '@/ui/saveBlob';
import { leftOutWords } from './Damage';

/** What could not be read and was taken out of the way of the rest: one line each, and what can be done with it. */
export function SetAside() {
  const aside = useLiveQuery(() => database().aside.toArray(), []);
  const [said, setSaid] = useState<string>();
  const [sure, setSure] = useState<string>();
  if (!aside || aside.length === 0) return null;
  const save = (all: readonly Aside[]) =>
    saveBlob(new Blob([asideText(all)], { type: 'application/json' }), 'gander-set-aside.json');
  const mend = async (one: Aside) => {
    const id = await repair(database(), one);
    if (id) location.assign(`/journal/roast/?id=${encodeURIComponent(id)}`);
    else
      setSaid(
        'Nothing can be made of it: it says neither which roast it is nor when it was. Export it, and keep the file.',
      );
  };
  const remove = async (one: Aside) => {
    if (sure !== one.id) return setSure(one.id);
    await database().aside.delete(one.id);
    setSure(undefined);
  };
  return (
    <section className="border-danger mb-10 border-2 p-4" aria-labelledby="aside">
      <h2 id="aside" className="mb-2 text-2xl">
        Could not be read
      </h2>
      <p className="mb-2">
        These were spoilt in this browser’s storage. They are out of the way, so that the rest works, and nothing of
        them is lost.
      </p>
      <ul className="divide-line divide-y">
        {aside.map((one) => (
          <li key={one.id} className="flex flex-wrap items-center gap-x-2 py-1">
            <span className="mr-auto py-2">{leftOutWords(one)}</span>
            {canRepair(one) && (
              <Button variant="quiet" onClick={() => void mend(one)}>
                Repair
              </Button>
            )}
            <Button variant="quiet" onClick={() => save([one])}>
              Export
            </Button>
            <Button variant="quiet" onClick={() => void remove(one)}>
              {sure === one.id ? 'Delete for good' : 'Delete'}
            </Button>
          </li>
        ))}
      </ul>
      {said && (
        <p role="alert" className="text-danger mt-2 font-bold">
          {said}
        </p>
      )}
      {aside.length > 1 && (
        <div className="mt-3">
          <Button onClick={() => save(aside)}>Export all {aside.length}</Button>
        </div>
      )}
    </section>
  );
}
