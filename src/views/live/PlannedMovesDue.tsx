import { milestoneNames } from '@/core/roast';
import { formatClock } from '@/core/units';
import type { LiveRoastModel } from './useLiveRoast';

/** The moves that were planned and not made yet; one tap makes one and writes it down. */
export function PlannedMovesDue({ model }: { readonly model: LiveRoastModel }) {
  const open = model.moves.filter(({ done }) => !done);
  if (open.length === 0) return null;
  return (
    <ul className="border-line flex flex-wrap gap-3 border-b py-2">
      {open.map(({ move, words }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two planned moves may be the same
        <li key={i}>
          <button
            type="button"
            className="border-ink active:bg-sunk min-h-16 rounded-2xl border-2 border-dashed px-4 text-left"
            onClick={() =>
              void model.log({
                kind: 'move',
                control: move.control,
                ...(move.value === undefined ? {} : { value: move.value }),
              })
            }
          >
            <span className="text-husk block text-[0.85rem]">
              meant at {move.when.kind === 'at' ? formatClock(move.when.atS) : milestoneNames[move.when.milestone]}
            </span>
            <b>{words}</b>
          </button>
        </li>
      ))}
    </ul>
  );
}
