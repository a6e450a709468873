import { useState } from 'react';
import { issueSentence } from '@/core/issues';
import { formatClock, parseClock } from '@/core/units';

interface TimeFieldProps {
  /** Of what it is the time. */
  readonly label: string;
  /** Seconds from charge; undefined where nobody noted it. */
  readonly atS: number | undefined;
  /** What to say of a time that cannot be; empty where it can. */
  readonly faultOf: (atS: number) => string;
  readonly onTime: (atS: number) => void;
}

/** The time of a line of the log, corrected where it stands. */
export function TimeField({ label, atS, faultOf, onTime }: TimeFieldProps) {
  const shown = atS === undefined ? '–' : formatClock(atS);
  const [text, setText] = useState<string>();
  const [error, setError] = useState('');
  const leave = () => {
    setText(undefined);
    setError('');
  };
  const keep = () => {
    if (text === undefined || text.trim() === shown) return leave();
    const parsed = parseClock(text);
    const fault = parsed.ok ? faultOf(parsed.value) : parsed.issues.map(issueSentence).join(' ');
    setError(fault);
    if (fault || !parsed.ok) return;
    onTime(parsed.value);
    leave();
  };
  return (
    <span>
      <input
        aria-label={`Time of ${label}`}
        aria-invalid={error ? true : undefined}
        className="num border-line hover:border-husk focus:border-ink aria-invalid:border-danger min-h-11 w-[6.5ch] border-b-2 bg-transparent text-right"
        value={text ?? shown}
        onChange={(event) => setText(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter') keep();
          if (event.key === 'Escape') leave();
        }}
      />
      {error && (
        <span role="alert" className="text-danger block max-w-56 text-[0.9rem]">
          {error}
        </span>
      )}
    </span>
  );
}
