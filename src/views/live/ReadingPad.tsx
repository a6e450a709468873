import { Delete } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { issueSentence } from '@/core/issues';
import { parseTemperature } from '@/core/units';
import { useWords } from '@/ui/useHousehold';

interface ReadingPadProps {
  /** Called with °C; the time is that of opening the pad, when the person looked. */
  readonly onReading: (celsius: number) => void;
  readonly onClose: () => void;
}

const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'] as const;
const RANGE = { leastC: -50, mostC: 400 };

/** A large pad for a reading, by touch or by keyboard: Enter keeps it, Escape drops it. */
export function ReadingPad({ onReading, onClose }: ReadingPadProps) {
  const { temperatureUnit } = useWords();
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => field.current?.focus(), []);
  const keep = () => {
    const parsed = parseTemperature(text, temperatureUnit, RANGE);
    if (!parsed.ok) return setError(parsed.issues.map(issueSentence).join(' '));
    onReading(parsed.value);
    onClose();
  };
  const key = 'border-2 border-ink min-h-16 rounded-2xl text-3xl font-bold active:bg-sunk';
  return (
    <form
      aria-label="Reading pad"
      className="border-ink my-2 rounded-2xl border-2 p-4"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <div className="flex items-baseline gap-2">
        <input
          ref={field}
          aria-label={`Reading, °${temperatureUnit}`}
          inputMode="none"
          className="num min-h-16 w-full min-w-0 bg-transparent text-5xl font-bold outline-none"
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            setError(undefined);
          }}
          onKeyDown={(event) => event.key === 'Escape' && onClose()}
        />
        <span className="text-husk text-2xl">°{temperatureUnit}</span>
      </div>
      {error && (
        <p role="alert" className="text-danger mb-2">
          {error}
        </p>
      )}
      <div className="grid grid-cols-3 gap-2">
        {KEYS.map((digit) => (
          <button key={digit} type="button" className={key} onClick={() => setText(text + digit)}>
            {digit}
          </button>
        ))}
        <button
          type="button"
          aria-label="Take a digit back"
          className={`${key} grid place-items-center`}
          onClick={() => setText(text.slice(0, -1))}
        >
          <Delete />
        </button>
        <button type="button" className={key} onClick={() => setText(`${text}0`)}>
          0
        </button>
        <button type="submit" className="bg-bill text-on-bill min-h-16 rounded-2xl text-xl font-bold">
          Keep
        </button>
      </div>
      <button type="button" className="mt-2 min-h-11 underline underline-offset-4" onClick={onClose}>
        Close the pad
      </button>
    </form>
  );
}
