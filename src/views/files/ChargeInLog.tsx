import { useState } from 'react';
import { issueSentence } from '@/core/issues';
import type { ReadLog } from '@/core/sheet';
import { formatClock, parseClock } from '@/core/units';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';

interface ChargeTyped {
  /** As it was typed; undefined where the log is taken at its word. */
  readonly text: string | undefined;
  /** Seconds after the log's first line. */
  readonly chargeS: number | undefined;
  /** Why that is no time. */
  readonly fault: string | undefined;
  readonly write: (text: string) => void;
}

/** What was said of when in its log the beans went in. */
export function useChargeTyped(): ChargeTyped {
  const [text, write] = useState<string>();
  const read = text === undefined ? undefined : parseClock(text);
  return {
    text,
    chargeS: read?.ok ? read.value : undefined,
    fault: read && !read.ok ? read.issues.map(issueSentence).join(' ') : undefined,
    write,
  };
}

interface ChargeInLogProps {
  readonly log: Pick<ReadLog, 'chargeS' | 'fallS'>;
  readonly typed: ChargeTyped;
}

/** When in its log the beans went in: a thermometer is often switched on before. */
export function ChargeInLog({ log: { chargeS, fallS }, typed }: ChargeInLogProps) {
  const shown = formatClock(chargeS);
  const fall = fallS === undefined ? shown : formatClock(fallS);
  return (
    <TextField
      label="Beans in, after the log began"
      autoComplete="off"
      value={typed.text ?? shown}
      error={typed.fault}
      onChange={(event) => typed.write(event.target.value)}
      hint={
        fall !== shown && (
          <>
            At {fall} it falls as when beans go in.{' '}
            <Button variant="quiet" className="-ml-5" onClick={() => typed.write(fall)}>
              Begin there
            </Button>
          </>
        )
      }
    />
  );
}
