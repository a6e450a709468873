import { Minus, Plus } from 'lucide-react';
import { memo, useState } from 'react';
import { type Control, steppedValue } from '@/core/gear';

interface MovesPanelProps {
  readonly controls: readonly { readonly control: Control; readonly value: string | number | undefined }[];
  readonly onMove: (control: string, value?: string | number) => void;
  /** How many have room at once; more are a press away, each always in its own place. */
  readonly most: number;
}

const key =
  'border-2 border-ink min-h-[64px] w-[56px] shrink-0 rounded-xl grid place-items-center active:bg-sunk disabled:opacity-30';

/** What this gear lets the person change, each with its present value, one tap a step. */
export const MovesPanel = memo(function MovesPanel({ controls, onMove, most }: MovesPanelProps) {
  const [page, setPage] = useState(0);
  const paged = controls.length > most;
  const size = paged ? most - 1 : most;
  const pages = Math.ceil(controls.length / size);
  const shown = controls.slice(page * size, (page + 1) * size);
  if (controls.length === 0) return <p className="text-husk self-center">Nothing to move on this gear.</p>;
  return (
    <div className={`grid h-full w-full gap-2 ${most === 4 ? 'grid-cols-2 grid-rows-2' : 'grid-cols-3'}`}>
      {shown.map(({ control, value }) => (
        <Keys key={control.id} control={control} value={value} onMove={onMove} />
      ))}
      {paged && (
        <button
          type="button"
          className="border-ink active:bg-sunk min-h-[64px] rounded-xl border-2 border-dashed font-bold"
          onClick={() => setPage((page + 1) % pages)}
        >
          More moves
        </button>
      )}
    </div>
  );
});

function Keys({ control, value, onMove }: MovesPanelProps['controls'][number] & Pick<MovesPanelProps, 'onMove'>) {
  const label = <span className="text-husk block truncate text-[0.8rem] leading-tight">{control.label}</span>;
  switch (control.kind) {
    case 'act':
      return (
        <button type="button" className={wide} onClick={() => onMove(control.id)}>
          <b className="text-lg">{control.label}</b>
        </button>
      );
    case 'switch': {
      const other = value === control.on ? control.off : control.on;
      return (
        <button
          type="button"
          className={wide}
          aria-label={`${control.label} ${value}; press for ${other}`}
          onClick={() => onMove(control.id, other)}
        >
          {label}
          <b className="text-lg leading-tight">{value}</b>
        </button>
      );
    }
    case 'step':
    case 'words': {
      const [down, up] = [steppedValue(control, value, -1), steppedValue(control, value, 1)];
      return (
        <div className="flex min-w-0 items-center">
          <button
            type="button"
            aria-label={`${control.label} down`}
            disabled={down === value}
            className={key}
            onClick={() => onMove(control.id, down)}
          >
            <Minus />
          </button>
          <span className="min-w-0 flex-1 text-center">
            {label}
            <b className={`num block truncate leading-tight ${control.kind === 'words' ? 'text-base' : 'text-xl'}`}>
              {value}
              {control.kind === 'step' && control.unit && (
                <span className="text-husk text-[0.8rem] font-normal"> {control.unit}</span>
              )}
            </b>
          </span>
          <button
            type="button"
            aria-label={`${control.label} up`}
            disabled={up === value}
            className={key}
            onClick={() => onMove(control.id, up)}
          >
            <Plus />
          </button>
        </div>
      );
    }
  }
}

const wide = 'border-ink active:bg-sunk min-h-[64px] min-w-0 rounded-xl border-2 px-2';
