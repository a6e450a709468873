import { useLiveQuery } from 'dexie-react-hooks';
import type { ShadeGuess } from '@/core/plan';
import type { Roast } from '@/core/roast';
import type { ShadeNumber } from '@/core/shade';
import { database } from '@/store/current';
import { shadeGuessOf } from '@/store/gearRecords';
import { Button } from '../Button';
import { useWords } from '../useHousehold';

interface ShadeGuessLineProps {
  readonly roast: Roast;
  readonly onTake: (shade: ShadeNumber) => void;
}

const signs = { loss: 'its loss', cracks: 'its cracks', time: 'its time' } as const satisfies Record<
  ShadeGuess['by'][number],
  string
>;
/** From here on it may be said without a "perhaps". */
const LIKELY = 0.7;

/** The shade that loss, cracks and time point to, told as the guess it is. Nothing where they say too little. */
export function ShadeGuessLine({ roast, onTake }: ShadeGuessLineProps) {
  const words = useWords();
  const guess = useLiveQuery(() => shadeGuessOf(database(), roast), [roast]);
  if (!guess) return null;
  const by = guess.by.map((each) => signs[each]);
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
      <p>
        By {by.length > 1 ? `${by.slice(0, -1).join(', ')} and ${by.at(-1)}` : by[0]} it is{' '}
        {guess.share < LIKELY ? 'perhaps' : 'probably'} <b>{words.shade(guess.shade)}</b>. A guess: look, if you can.
      </p>
      <Button onClick={() => onTake(guess.shade)}>Take the guess</Button>
    </div>
  );
}
