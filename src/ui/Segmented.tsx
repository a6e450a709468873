import { ToggleGroup } from 'radix-ui';

interface SegmentedProps<T extends string> {
  readonly label: string;
  readonly value: T | undefined;
  readonly options: readonly { readonly value: T; readonly name: string }[];
  readonly onChange: (value: T) => void;
  /** Pressing the chosen one again takes the choice back. */
  readonly onClear?: () => void;
  /** The label stands above it, to be read. */
  readonly titled?: true;
}

/** A few choices side by side, one of them taken. */
export function Segmented<T extends string>({ label, value, options, onChange, onClear, titled }: SegmentedProps<T>) {
  const choice = (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value ?? ''}
      onValueChange={(next) => (next === '' ? onClear?.() : onChange(next as T))}
      className="border-ink bg-ink inline-flex flex-wrap gap-0.5 overflow-hidden rounded-xl border-2"
    >
      {options.map((option) => (
        <ToggleGroup.Item
          key={option.value}
          value={option.value}
          className="bg-chaff hover:bg-sunk data-[state=on]:bg-ink data-[state=on]:text-chaff min-h-11 grow px-4"
        >
          {option.name}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
  if (!titled) return choice;
  return (
    <div>
      <p className="text-husk mb-1 text-[0.95rem]">{label}</p>
      {choice}
    </div>
  );
}
