import { database } from '@/store/current';
import { removeSounds } from '@/store/sounds';
import { DeleteForGood } from './DeleteForGood';

interface DeleteSoundProps {
  /** All of it where none are named. */
  readonly ids?: readonly string[];
  /** What stands on the button: "Delete the sound". */
  readonly label: string;
}

/** Deletes sound for good, once asked. */
export function DeleteSound({ ids, label }: DeleteSoundProps) {
  return (
    <DeleteForGood
      label={label}
      says="It cannot be had back. The cracks that were heard in it stay with the roast."
      onDelete={() => removeSounds(database(), ids)}
    />
  );
}
