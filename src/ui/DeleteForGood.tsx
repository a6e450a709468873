import { useState } from 'react';
import { Button } from './Button';
import { Dialog } from './Dialog';

interface DeleteForGoodProps {
  /** What stands on the button: "Delete the sound". */
  readonly label: string;
  /** How it is asked, where that is not the label: a size may stand in that. */
  readonly title?: string;
  /** What is lost, and what stays. */
  readonly says: string;
  readonly onDelete: () => Promise<void>;
}

/** Deletes what is too large to be kept for an undo, once asked. */
export function DeleteForGood({ label, title, says, onDelete }: DeleteForGoodProps) {
  const [asking, setAsking] = useState(false);
  const remove = async () => {
    await onDelete();
    setAsking(false);
  };
  return (
    <>
      <Button variant="quiet" onClick={() => setAsking(true)}>
        {label}
      </Button>
      <Dialog open={asking} onClose={() => setAsking(false)} title={`${title ?? label}?`}>
        <p>{says}</p>
        <div className="mt-5 flex flex-wrap gap-3">
          <Button variant="danger" onClick={() => void remove()}>
            Delete for good
          </Button>
          <Button onClick={() => setAsking(false)}>Keep</Button>
        </div>
      </Dialog>
    </>
  );
}
