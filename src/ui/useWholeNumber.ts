import { type ChangeEvent, type FocusEvent, useState } from 'react';

interface WholeNumberAsked {
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly onNumber: (value: number) => void;
}

/**
 * What a field for a whole number is given. It may be emptied to be typed anew: as long as no number of those that may be stands
 * in it, the value is what it was, and stands there again once the field is left.
 */
export function useWholeNumber({ value, least, most, onNumber }: WholeNumberAsked) {
  const [typed, setTyped] = useState<string>();
  return {
    inputMode: 'numeric',
    autoComplete: 'off',
    value: typed ?? String(value),
    onFocus: (event: FocusEvent<HTMLInputElement>) => event.target.select(),
    onChange: ({ target }: ChangeEvent<HTMLInputElement>) => {
      const number = Math.round(Number(target.value));
      if (Number.isNaN(number)) return;
      const isOne = target.value.trim() !== '' && number >= least;
      setTyped(isOne ? String(Math.min(most, number)) : target.value);
      if (isOne) onNumber(Math.min(most, number));
    },
    onBlur: () => setTyped(undefined),
  } as const;
}
