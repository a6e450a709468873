import { useEffect, useState } from 'react';
import { issueSentence } from '@/core/issues';
import { parseWeight, weightFieldText } from '@/core/units';
import { TextField } from '../Field';
import { useHousehold } from '../useHousehold';

interface WeighInProps {
  readonly label: string;
  readonly grams: number | undefined;
  readonly greenGrams: number;
  /** `null` empties it. */
  readonly onGrams: (grams: number | null) => void;
}

const RANGE = { leastGrams: 0, mostGrams: 100_000 };

/** A weight that is kept as soon as the field is left or Enter is pressed; a slip stays in the field with its reason. */
export function WeighIn({ label, grams, onGrams }: WeighInProps) {
  const { weightUnit } = useHousehold();
  const stored = grams === undefined ? '' : weightFieldText(grams, weightUnit);
  const [text, setText] = useState(stored);
  const [error, setError] = useState<string>();
  useEffect(() => setText(stored), [stored]);
  const keep = () => {
    setError(undefined);
    if (text.trim() === stored) return;
    if (text.trim() === '') return onGrams(null);
    const parsed = parseWeight(text, weightUnit, { range: RANGE });
    if (parsed.ok) onGrams(parsed.value);
    else setError(parsed.issues.map(issueSentence).join(' '));
  };
  return (
    <TextField
      label={label}
      unit={weightUnit}
      inputMode="decimal"
      autoComplete="off"
      value={text}
      error={error}
      onChange={(event) => setText(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => event.key === 'Enter' && keep()}
    />
  );
}
