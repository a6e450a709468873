import { Delete } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { issueSentence } from '@/core/issues';
import { ENTRY_C } from '@/core/roast';
import { parseTemperature, type TemperatureUnit } from '@/core/units';

interface ReadingPanelProps {
  /** What the thermometer of this gear shows. */
  readonly unit: TemperatureUnit;
  /** Counts up each time the field is asked for by key; 0 for never. */
  readonly asked: number;
  /** The moment of looking, seconds on the roast's clock. */
  readonly nowS: () => number;
  /** Called with °C and the moment the person looked: when the pad was asked for, or at the first digit. */
  readonly onReading: (celsius: number, atS: number) => void;
  /** Two rows of keys only: the window is low. */
  readonly short: boolean;
}

const FIRST = ['1', '2', '3', '4', '5'] as const;
const SECOND = ['6', '7', '8', '9', '0'] as const;
const key =
  'border-2 border-ink min-h-[64px] min-w-[56px] rounded-xl text-2xl font-bold active:bg-sunk grid place-items-center';

/** A pad for a reading, by touch or by keyboard: Enter keeps it, Escape drops it. */
export function ReadingPanel({ unit, asked, nowS, onReading, short }: ReadingPanelProps) {
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const field = useRef<HTMLInputElement>(null);
  const lookedS = useRef<number>(undefined);
  // biome-ignore lint/correctness/useExhaustiveDependencies: each time it is asked for
  useEffect(() => {
    if (asked === 0) return;
    lookedS.current = nowS();
    field.current?.focus();
  }, [asked]);
  const type = (next: string) => {
    lookedS.current ??= nowS();
    setText(next);
    setError(undefined);
  };
  const drop = () => {
    setText('');
    setError(undefined);
    lookedS.current = undefined;
  };
  const keep = () => {
    const parsed = parseTemperature(text, unit, ENTRY_C);
    if (!parsed.ok) return setError(parsed.issues.map(issueSentence).join(' '));
    onReading(parsed.value, lookedS.current ?? nowS());
    drop();
    field.current?.blur();
  };
  const display = (
    <input
      ref={field}
      aria-label={`Reading, °${unit}`}
      data-marks-on-space=""
      inputMode="none"
      placeholder={`°${unit}`}
      className="num border-husk min-h-[64px] w-full min-w-[56px] rounded-xl border-2 border-dashed bg-transparent text-center text-[1.3rem] font-bold outline-offset-0"
      value={text}
      onChange={(event) => type(event.target.value)}
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return;
        drop();
        field.current?.blur();
      }}
    />
  );
  const digits = (all: readonly string[]) =>
    all.map((digit) => (
      <button key={digit} type="button" className={key} onClick={() => type(`${text}${digit}`)}>
        {digit}
      </button>
    ));
  const back = (
    <button type="button" aria-label="Take a digit back" className={key} onClick={() => type(text.slice(0, -1))}>
      <Delete />
    </button>
  );
  const save = (
    <button
      type="submit"
      className="bg-bill text-on-bill min-h-[64px] min-w-[56px] rounded-xl text-[0.95rem] font-bold"
    >
      Keep
    </button>
  );
  return (
    <form
      aria-label="Reading pad"
      className="relative h-full"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      {short ? (
        <div className="grid h-full grid-cols-6 grid-rows-2">
          {digits(FIRST)}
          {display}
          {digits(SECOND)}
          {save}
        </div>
      ) : (
        <div className="grid h-full grid-cols-[1.5fr_repeat(5,1fr)] grid-rows-2 gap-1.5 cramped:grid-cols-6 cramped:grid-rows-3">
          <div className="cramped:col-span-3">{display}</div>
          <div className="contents roomy:hidden">
            <div className="grid">{back}</div>
            <div className="col-span-2 grid">{save}</div>
          </div>
          {digits(FIRST)}
          <div className="hidden grid-cols-2 gap-1.5 roomy:grid">
            {back}
            {save}
          </div>
          {digits(SECOND)}
        </div>
      )}
      {error && (
        <p role="alert" className="bg-danger text-chaff absolute inset-x-0 -top-2 rounded-lg px-3 py-1 text-[0.9rem]">
          {error}
        </p>
      )}
    </form>
  );
}
