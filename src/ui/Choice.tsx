interface ChoiceProps<T extends string | number | boolean> {
  readonly label: string;
  readonly value: T;
  /** What can be picked, with its words as they stand in the sentence. */
  readonly options: readonly (readonly [T, string])[];
  readonly onPick: (value: T) => void;
  readonly onFocus?: (() => void) | undefined;
  /** The mark that follows in the sentence; it never begins a line. */
  readonly then?: ',' | '.' | undefined;
}

/** One underlined part of a sentence, picked from a few. */
export function Choice<T extends string | number | boolean>({
  label,
  value,
  options,
  onPick,
  onFocus,
  then,
}: ChoiceProps<T>) {
  const select = (
    <select
      aria-label={label}
      className="choice"
      value={String(value)}
      onFocus={onFocus}
      onChange={(event) => {
        const picked = options.find(([key]) => String(key) === event.target.value);
        if (picked) onPick(picked[0]);
      }}
    >
      {options.map(([key, words]) => (
        <option key={String(key)} value={String(key)}>
          {words}
        </option>
      ))}
    </select>
  );
  if (!then) return select;
  return (
    <span className="whitespace-nowrap">
      {select}
      {then}
    </span>
  );
}
