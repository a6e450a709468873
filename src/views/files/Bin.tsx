import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { capital } from '@/core/units';
import { BIN_DAYS, emptyBin, inBin } from '@/store/bin';
import type { Deleted } from '@/store/changes';
import { database } from '@/store/current';
import { Button } from '@/ui/Button';
import { dayWords } from '@/ui/dates';
import { rowWords } from '@/ui/rowWords';
import { haveBack } from '@/ui/takeBack';
import { useWords } from '@/ui/useHousehold';

const FIRST = 6;

/** What was deleted in the last weeks, to be had back. */
export function Bin() {
  const words = useWords();
  const deleted = useLiveQuery(() => inBin(database(), Date.now()), []);
  const [all, setAll] = useState(false);
  const [sure, setSure] = useState(false);
  if (!deleted) return null;
  const empty = async () => {
    if (!sure) return setSure(true);
    await emptyBin(
      database(),
      deleted.map(({ id }) => id),
    );
    setSure(false);
  };
  return (
    <section className="border-ink border-t-2 pt-3" aria-labelledby="bin">
      <h2 id="bin" className="mb-2 text-2xl">
        Deleted
      </h2>
      {deleted.length === 0 ? (
        <p className="text-husk">
          What you delete stays here for {BIN_DAYS} days, to be had back. There is nothing now.
        </p>
      ) : (
        <>
          <p className="text-husk mb-2">Kept on this device for {BIN_DAYS} days, then gone for good.</p>
          <ul className="divide-line divide-y">
            {deleted.slice(0, all ? undefined : FIRST).map((one) => (
              <li key={one.id} className="flex items-center gap-4 py-1">
                <span className="mr-auto py-2">
                  {titleOf(one)}
                  {one.gone.length > 1 && ` and ${one.gone.length - 1} more with it`}{' '}
                  <span className="text-husk ml-1 inline-block text-[0.95rem]">
                    {dayWords(one.deletedAt)}, {words.time(one.deletedAt)}
                  </span>
                </span>
                <Button variant="quiet" onClick={() => void haveBack(one, titleOf(one))}>
                  Have it back
                </Button>
              </li>
            ))}
          </ul>
          <div className="flex flex-wrap gap-3">
            {deleted.length > FIRST && (
              <Button variant="quiet" onClick={() => setAll(!all)}>
                {all ? 'Only the newest' : `All ${deleted.length}`}
              </Button>
            )}
            <Button variant="quiet" onClick={() => void empty()}>
              {sure ? `Delete ${deleted.length === 1 ? 'it' : `all ${deleted.length}`} for good` : 'Empty this list'}
            </Button>
            {sure && (
              <Button variant="quiet" onClick={() => setSure(false)}>
                Keep them
              </Button>
            )}
          </div>
        </>
      )}
    </section>
  );
}

/** “The roast of 3 Nov”. */
function titleOf({ gone, called }: Deleted): string {
  return capital(rowWords(gone[0]?.[0] ?? 'roasts', called));
}
