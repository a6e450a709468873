import { beanColour, type ShadeNumber, shades, shadeTone } from '@/core/shade';
import { useWords } from './useHousehold';

interface ShadePickerProps {
  readonly label: string;
  readonly value: ShadeNumber | undefined;
  /** The shade that was wanted, marked for comparison. */
  readonly wanted?: ShadeNumber;
  /** As a photo measured it. */
  readonly measured?: ShadeNumber | undefined;
  /** It was guessed, and nobody looked. */
  readonly guessed?: true | undefined;
  readonly onChange: (shade: ShadeNumber | undefined) => void;
}

/** The seven shades in their own colours; the name of the picked one stands below, so that colour never speaks alone. */
export function ShadePicker({ label, value, wanted, measured, guessed, onChange }: ShadePickerProps) {
  const words = useWords();
  return (
    <fieldset>
      <legend className="text-husk text-[0.95rem]">{label}</legend>
      <div className="mt-1 flex overflow-hidden rounded-xl">
        {shades.map(({ number }) => (
          <button
            key={number}
            type="button"
            aria-pressed={value === number}
            aria-label={words.shade(number)}
            title={words.shade(number)}
            style={{ background: beanColour(shadeTone(number)) }}
            className="group relative h-14 flex-1 focus-visible:z-10 focus-visible:-outline-offset-4"
            onClick={() => onChange(value === number ? undefined : number)}
          >
            <span className="absolute inset-y-2 left-1/2 hidden w-3 -translate-x-1/2 rounded-md border-3 border-white group-aria-pressed:block" />
            {wanted === number && <span className="absolute inset-x-0 top-0 mx-auto size-2 rounded-b bg-white" />}
          </button>
        ))}
      </div>
      <p className="mt-1 text-[0.95rem]">
        {value ? <b>{words.shade(value)}</b> : 'not looked at yet'}
        {value && guessed && <span className="text-husk"> · {measured === value ? 'by the photo' : 'guessed'}</span>}
        {measured && measured !== value && <span className="text-husk"> · by the photo {words.shade(measured)}</span>}
        {wanted && <span className="text-husk"> · wanted {words.shade(wanted)}</span>}
      </p>
    </fieldset>
  );
}
