import { Minus, Plus, RefreshCw } from 'lucide-react';
import { type Control, steppedValue } from '@/core/gear';

interface MovesProps {
  readonly controls: readonly { readonly control: Control; readonly value: string | number | undefined }[];
  readonly onMove: (control: string, value?: string | number) => void;
}

const key = 'border-2 border-ink size-16 rounded-2xl grid place-items-center active:bg-sunk';

/** What this gear lets the person change, each with its present value, one tap a step. */
export function Moves({ controls, onMove }: MovesProps) {
  return (
    <div className="border-line flex flex-wrap gap-x-7 gap-y-2 border-b py-2">
      {controls.map(({ control, value }) => (
        <div key={control.id}>
          <p className="text-husk text-[0.95rem]">{control.label}</p>
          <div className="flex items-center gap-3">
            <Keys control={control} value={value} onMove={onMove} />
          </div>
        </div>
      ))}
    </div>
  );
}

function Keys({ control, value, onMove }: MovesProps['controls'][number] & Pick<MovesProps, 'onMove'>) {
  switch (control.kind) {
    case 'act':
      return (
        <button type="button" aria-label={control.label} className={key} onClick={() => onMove(control.id)}>
          <RefreshCw />
        </button>
      );
    case 'switch': {
      const other = value === control.on ? control.off : control.on;
      return (
        <button
          type="button"
          className="border-ink active:bg-sunk min-h-16 min-w-20 rounded-2xl border-2 px-4 text-xl font-bold"
          aria-label={`${control.label} ${value}; press for ${other}`}
          onClick={() => onMove(control.id, other)}
        >
          {value}
        </button>
      );
    }
    case 'step':
    case 'words': {
      const [down, up] = [steppedValue(control, value, -1), steppedValue(control, value, 1)];
      return (
        <>
          <button
            type="button"
            aria-label={`${control.label} down`}
            disabled={down === value}
            className={`${key} disabled:opacity-35`}
            onClick={() => onMove(control.id, down)}
          >
            <Minus />
          </button>
          <b className={`num text-center ${control.kind === 'words' ? 'min-w-[6ch] text-xl' : 'min-w-[2ch] text-2xl'}`}>
            {value}
            {control.kind === 'step' && control.unit && (
              <span className="text-husk ml-1 text-base font-normal">{control.unit}</span>
            )}
          </b>
          <button
            type="button"
            aria-label={`${control.label} up`}
            disabled={up === value}
            className={`${key} disabled:opacity-35`}
            onClick={() => onMove(control.id, up)}
          >
            <Plus />
          </button>
        </>
      );
    }
  }
}
