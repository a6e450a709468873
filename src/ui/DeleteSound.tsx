import { useState } from 'react';
import { database } from '@/store/current';
import { removeSounds } from '@/store/sounds';
import { Button } from './Button';
import { Dialog } from './Dialog';

interface DeleteSoundProps {
  /** All of it where none are named. */
  readonly ids?: readonly string[];
  /** What stands on the button: "Delete the sound". */
  readonly label: string;
}

/** Deletes sound for good, once asked: it is too large to be kept for an undo. */
export function DeleteSound({ ids, label }: DeleteSoundProps) {
  const [asking, setAsking] = useState(false);
  const remove = async () => {
    await removeSounds(database(), ids);
    setAsking(false);
  };
  return (
    <>
      <Button variant="quiet" onClick={() => setAsking(true)}>
        {label}
      </Button>
      <Dialog open={asking} onClose={() => setAsking(false)} title={`${label}?`}>
        <p>It cannot be had back. The cracks that were heard in it stay with the roast.</p>
        <div className="mt-5 flex flex-wrap gap-3">
          <Button variant="danger" onClick={() => void remove()}>
            Delete it for good
          </Button>
          <Button onClick={() => setAsking(false)}>Keep it</Button>
        </div>
      </Dialog>
    </>
  );
}
