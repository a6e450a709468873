import { useId } from 'react';
import { scoreWords } from '@/core/taste';

interface ScoreLineProps {
  readonly name: string;
  readonly value: number | undefined;
  readonly onValue: (value: number | undefined) => void;
  readonly large?: boolean;
}

/** One line of the sheet: 0 to 10 in halves, by slider, arrows or the keys of a number; not said until it is touched. */
export function ScoreLine({ name, value, onValue, large = false }: ScoreLineProps) {
  const id = useId();
  return (
    <div className="flex items-center gap-3 py-1">
      <label htmlFor={id} className={`w-28 shrink-0 ${large ? 'font-bold text-lg' : ''}`}>
        {name}
      </label>
      <input
        id={id}
        type="range"
        min={0}
        max={10}
        step={0.5}
        value={value ?? 5}
        aria-valuetext={value === undefined ? 'not said' : scoreWords(value)}
        className={`accent-bill h-11 w-0 min-w-0 flex-1 ${value === undefined ? 'opacity-50' : ''}`}
        onChange={(event) => onValue(Number(event.target.value))}
        onPointerUp={(event) => value === undefined && onValue(Number(event.currentTarget.value))}
        onKeyDown={(event) => {
          if (/^\d$/.test(event.key)) onValue(Number(event.key));
          if (event.key === 'Delete' || event.key === 'Backspace') onValue(undefined);
        }}
      />
      <output htmlFor={id} className={`num w-14 text-right ${large ? 'text-2xl font-bold' : ''}`}>
        {value ?? '–'}
      </output>
    </div>
  );
}
