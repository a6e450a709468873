import { type CSSProperties, useLayoutEffect, useRef } from 'react';

interface TypedProps {
  readonly label: string;
  readonly value: string;
  readonly onType: (text: string) => void;
  readonly onLeave?: () => void;
}

/** Where a browser does not size fields by itself: narrower than this it is none, and so wide is a letter of the heading's face, in the width of its 0. */
const LEAST_CH = 5;
const CH_PER_LETTER = 0.9;

/** One underlined part of a sentence that is typed, as wide as its words: "3 mugs a day for a week" is an amount too. */
export function Typed({ label, value, onType, onLeave }: TypedProps) {
  const input = useRef<HTMLInputElement>(null);
  const typed = useRef<string>(undefined);
  useLayoutEffect(() => {
    // What is proposed while somebody is about to type comes in unselected: the next letters would stand behind it.
    if (value !== typed.current && document.activeElement === input.current) input.current?.select();
  }, [value]);
  return (
    <input
      ref={input}
      aria-label={label}
      className="choice min-w-[3ch] max-w-full not-supports-[field-sizing:content]:w-(--typed)"
      style={{ '--typed': `calc(${Math.max(LEAST_CH, value.length * CH_PER_LETTER)}ch + 8px)` } as CSSProperties}
      value={value}
      onFocus={(event) => event.target.select()}
      onChange={(event) => {
        typed.current = event.target.value;
        onType(event.target.value);
      }}
      onBlur={onLeave}
    />
  );
}
