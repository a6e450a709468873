import type { Milestone } from '@/core/roast';
import type { LiveRoastModel } from '../useLiveRoast';

const MARKS: readonly (readonly [Exclude<Milestone, 'pull' | 'cooled'>, string])[] = [
  ['yellow', 'Yellow'],
  ['firstCrack', 'First crack'],
  ['firstCrackEnd', 'First over'],
  ['secondCrack', 'Second crack'],
];
const cell =
  'border-2 border-ink min-h-[64px] min-w-0 rounded-xl px-0.5 leading-tight font-bold active:bg-sunk disabled:opacity-30';

/** Every mark in its own place, whatever comes next, and the pops to tap along with. */
export function MarksPanel({ model, row }: { readonly model: LiveRoastModel; readonly row: boolean }) {
  const { situation, deeds } = model;
  return (
    <div className={`grid h-full gap-2 ${row ? 'grid-cols-5' : 'grid-cols-4 grid-rows-2'}`}>
      {MARKS.map(([milestone, name]) => (
        <button
          key={milestone}
          type="button"
          className={cell}
          disabled={
            !situation.charged ||
            situation.reached[milestone] !== undefined ||
            !isPlausible(milestone, situation.reached)
          }
          onClick={() => void deeds.log({ kind: 'mark', milestone })}
        >
          {name}
        </button>
      ))}
      <button
        type="button"
        className={`${cell} ${row ? '' : 'col-span-4 text-xl'} touch-manipulation select-none`}
        disabled={!situation.charged}
        onPointerDown={(event) => event.isPrimary && void deeds.tapCrack()}
        // The pointer came down already; what has none is a keyboard or a screen reader.
        onClick={(event) => event.detail === 0 && void deeds.tapCrack()}
      >
        <span key={model.pressable.crack}>{crackWords(model)}</span>
      </button>
    </div>
  );
}

/** What can be pressed besides the next one; anything odd can still be added on the roast's page. */
function isPlausible(milestone: Milestone, reached: LiveRoastModel['situation']['reached']): boolean {
  if (milestone === 'yellow') return reached.firstCrack === undefined;
  if (milestone === 'firstCrackEnd') return reached.firstCrack !== undefined && reached.secondCrack === undefined;
  return true;
}

function crackWords({ pressable, drawn, situation }: LiveRoastModel): string {
  const { first, second } = drawn.ribbon.cracks;
  if (pressable.crack === 'second') return `A snap · ${second.length}`;
  if (situation.reached.firstCrack === undefined && first.length === 0) return 'A pop';
  return `A pop · ${first.length}`;
}
