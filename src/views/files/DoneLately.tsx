import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { database } from '@/store/current';
import { doneLately } from '@/store/done';
import { Button } from '@/ui/Button';
import { dayWords } from '@/ui/dates';
import { takeDoneBack } from '@/ui/takeBack';
import { useWords } from '@/ui/useHousehold';

const FIRST = 6;

/** What was done lately, each to be taken back by itself, long after its notice has gone. */
export function DoneLately() {
  const words = useWords();
  const done = useLiveQuery(() => doneLately(database()), []);
  const [all, setAll] = useState(false);
  const [busy, setBusy] = useState(false);
  if (!done) return null;
  const takeBack = async (one: (typeof done)[number]) => {
    setBusy(true);
    await takeDoneBack(one).finally(() => setBusy(false));
  };
  return (
    <section className="border-ink border-t-2 pt-3" aria-labelledby="done-lately">
      <h2 id="done-lately" className="mb-2 text-2xl">
        Done lately
      </h2>
      {done.length === 0 ? (
        <p className="text-husk">What you add, change or delete is listed here, to be taken back when it was a slip.</p>
      ) : (
        <>
          <p className="text-husk mb-2">
            Taking one back leaves everything after it as it is. The list stays on this device.
          </p>
          <ol className="divide-line divide-y">
            {done.slice(0, all ? undefined : FIRST).map((one) => (
              <li key={one.id} className="flex items-center gap-4 py-1">
                <span className={`mr-auto py-2 ${one.undoneAt ? 'text-husk line-through' : ''}`}>
                  {one.of ? `Taken back: ${one.of}` : one.text}{' '}
                  <span className="text-husk ml-1 inline-block text-[0.95rem] no-underline">
                    {dayWords(one.doneAt)}, {words.time(one.doneAt)}
                  </span>
                </span>
                {!one.undoneAt && (
                  <Button variant="quiet" disabled={busy} onClick={() => void takeBack(one)}>
                    {one.of ? 'Do it again' : 'Undo'}
                  </Button>
                )}
              </li>
            ))}
          </ol>
          {done.length > FIRST && (
            <Button variant="quiet" onClick={() => setAll(!all)}>
              {all ? 'Only the newest' : `All ${done.length}`}
            </Button>
          )}
        </>
      )}
    </section>
  );
}
