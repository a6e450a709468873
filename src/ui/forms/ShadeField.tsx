import type { ShadeNumber } from '@/core/shade';
import { SelectField } from '../Field';
import { useWords } from '../useHousehold';

interface ShadeFieldProps {
  readonly label: string;
  readonly value: ShadeNumber;
  readonly onShade: (shade: ShadeNumber) => void;
}

/** A shade picked by its name in a form. */
export function ShadeField({ label, value, onShade }: ShadeFieldProps) {
  const words = useWords();
  return (
    <SelectField label={label} value={value} onChange={(event) => onShade(Number(event.target.value) as ShadeNumber)}>
      {words.shadeChoices().map(([number, name]) => (
        <option key={number} value={number}>
          {name}
        </option>
      ))}
    </SelectField>
  );
}
