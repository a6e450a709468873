import { useEffect, useState } from 'react';
import { counted } from '@/core/units';
import { database } from '@/store/current';
import { type Held, isRightlyEmpty, missing } from '@/store/held';
import { Button } from './Button';
import { shortDate } from './dates';

/** Said where the notebook is empty and was not when it was last opened here. */
export function Missing() {
  const [held, setHeld] = useState<Held>();
  useEffect(() => void missing(database(), Date.now()).then(setHeld), []);
  if (!held) return null;
  return (
    <section role="alert" className="border-danger my-4 border-2 p-4">
      <p className="font-bold">
        This notebook is empty. On {shortDate(held.notedAt)} it held {counted(held.roasts, 'roast')}.
      </p>
      <p className="mt-1">
        The browser has perhaps cleared its data: for room, by a setting, or since nobody opened Gander for long. A file
        that you saved brings everything back.
      </p>
      <p className="mt-3 flex flex-wrap items-center gap-x-6 gap-y-2">
        <a href="/files/" className="inline-flex min-h-11 items-center font-bold underline underline-offset-4">
          Load a saved file
        </a>
        <a href="/rescue/" className="inline-flex min-h-11 items-center underline underline-offset-4">
          Look what is left
        </a>
        <Button
          variant="quiet"
          onClick={() => {
            isRightlyEmpty(database());
            setHeld(undefined);
          }}
        >
          It is meant to be empty
        </Button>
      </p>
    </section>
  );
}
