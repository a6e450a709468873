import { type Entry, type Roast, wantedWords } from '@/core/roast';
import { chargeMovedWords, entryWords } from '@/ui/entryWords';
import { useWords } from '@/ui/useHousehold';
import { Emergency } from '../Emergency';
import { OtherRoast } from '../OtherRoast';
import type { LiveRoastModel } from '../useLiveRoast';

interface TopBarProps {
  readonly roast: Roast;
  readonly lotName: string;
  readonly gearName: string;
  readonly model: LiveRoastModel;
  readonly onUndo: () => void;
  readonly onEarlier: () => void;
}

const corner =
  'h-[64px] shrink-0 rounded-xl border-2 border-current font-bold leading-tight disabled:opacity-35 active:bg-black/15';

/** Who and what, the other roast where there is one, and in the corner fire, five seconds earlier, and undo. */
export function TopBar({ roast, lotName, gearName, model, onUndo, onEarlier }: TopBarProps) {
  const words = useWords();
  const { underWay } = model;
  const { undoable, late } = model.pressable;
  const controls = model.pressable.controls.map(({ control }) => control);
  const done = undoneWords(undoable, roast, (entry) => entryWords(entry, words, controls));
  return (
    <header className="heat-bar flex items-center gap-2 roomy:gap-3">
      <OtherRoast roastId={roast.id}>
        <p className="leading-tight cramped:text-[0.9rem] roomy:text-lg">
          <b className="heat-name font-heading line-clamp-1 break-words">{lotName}</b>
          <span className="line-clamp-2 text-[0.85rem] roomy:line-clamp-1 roomy:text-[1rem]">
            {wantedWords(roast, words.shade)} ·{' '}
            <span className="whitespace-nowrap">{words.weight(roast.greenGrams)}</span> in {gearName}
          </span>
        </p>
      </OtherRoast>
      <p className="sr-only" aria-live="polite">
        {done && `Noted: ${done}.`}
      </p>
      <Emergency />
      <button
        type="button"
        className={`${corner} w-[64px]`}
        disabled={late === undefined || !underWay}
        onClick={onEarlier}
        title="The last press happened 5 seconds earlier (B)"
      >
        −5 s
      </button>
      <button
        type="button"
        className={`${corner} w-[72px] px-1 roomy:w-56`}
        disabled={undoable === undefined && !underWay}
        onClick={onUndo}
      >
        {done ? (
          <>
            Undo <span className="line-clamp-1 text-[0.9rem] font-normal cramped:sr-only">{done}</span>
          </>
        ) : (
          'Take it back'
        )}
      </button>
    </header>
  );
}

/** What Undo takes back, in words; none where the roast itself would go. */
function undoneWords(
  undoable: LiveRoastModel['pressable']['undoable'],
  roast: Roast,
  ofEntry: (entry: Entry) => string,
): string | undefined {
  if (undoable === undefined) return undefined;
  if (undoable === 'charge') return 'beans in';
  return undoable === 'movedCharge' ? chargeMovedWords(roast) : ofEntry(undoable);
}
