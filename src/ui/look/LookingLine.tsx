import { refusalWords } from '@/core/look';
import { Button } from '../Button';
import type { Looking } from './useLooking';

interface LookingLineProps {
  readonly looking: Looking;
  readonly onStop: () => void;
  readonly onClear: () => void;
}

/** Where a look is, with what to do where it told nothing. */
export function LookingLine({ looking, onStop, onClear }: LookingLineProps) {
  switch (looking.kind) {
    case 'rest':
      return null;
    case 'busy':
      return (
        <p role="status" className="mt-3 flex items-center gap-4">
          Finding the paper and what lies beside it…
          <Button variant="quiet" onClick={onStop}>
            Stop
          </Button>
        </p>
      );
    case 'failed':
      return (
        <p role="alert" className="text-danger mt-3 flex flex-wrap items-center gap-x-4">
          {looking.words}
          <Button variant="quiet" onClick={onClear}>
            All right
          </Button>
        </p>
      );
    case 'refused':
      return (
        <div role="alert" className="mt-3">
          <p className="text-danger max-w-[60ch]">
            <b>Not measured.</b> {refusalWords[looking.refuse]}
          </p>
          <p className="text-husk">
            Nothing was kept.{' '}
            <Button variant="quiet" onClick={onClear}>
              All right
            </Button>
          </p>
        </div>
      );
    default: {
      const never: never = looking;
      throw new Error(`no such state: ${String(never)}`);
    }
  }
}
