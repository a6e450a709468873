import type { UseFormReturn } from 'react-hook-form';
import { Button } from '../Button';
import { TextField } from '../Field';
import { useHousehold } from '../useHousehold';
import type { LotDraft } from './lotDraft';

interface PackFieldsProps {
  readonly form: UseFormReturn<LotDraft>;
  readonly index: number;
  readonly count: number;
  readonly onRemove: () => void;
}

/** One pack: what it weighed; what it cost and when, for those who want the sums. */
export function PackFields({ form, index, count, onRemove }: PackFieldsProps) {
  const { weightUnit, currency } = useHousehold();
  const { register, formState } = form;
  const errors = formState.errors.packs?.[index];
  const name = count > 1 ? `, pack ${index + 1}` : '';
  return (
    <fieldset className="space-y-3">
      <TextField
        label={`How much green you bought${name}`}
        placeholder={weightUnit === 'g' ? '1 kg' : '2 lb'}
        autoComplete="off"
        hint={weightUnit === 'g' ? 'As on the pack: 1 kg, 2500 g, 2 lb.' : 'As on the pack: 2 lb, 16 oz, 1 kg.'}
        error={errors?.grams?.message}
        {...register(`packs.${index}.grams`)}
      />
      <details open={errors?.price || errors?.carriage || errors?.boughtOn ? true : undefined}>
        <summary className="flex min-h-11 items-center underline underline-offset-4">
          What it cost, and when{name}
        </summary>
        <div className="grid gap-3 pt-2 sm:grid-cols-3">
          <TextField
            label={`Price${name}`}
            unit={currency}
            inputMode="decimal"
            autoComplete="off"
            error={errors?.price?.message}
            {...register(`packs.${index}.price`)}
          />
          <TextField
            label={`Carriage${name}`}
            unit={currency}
            inputMode="decimal"
            autoComplete="off"
            error={errors?.carriage?.message}
            {...register(`packs.${index}.carriage`)}
          />
          <TextField
            label={`Bought on${name}`}
            type="date"
            error={errors?.boughtOn?.message}
            {...register(`packs.${index}.boughtOn`)}
          />
        </div>
      </details>
      {count > 1 && (
        <Button variant="quiet" className="-ml-5" onClick={onRemove}>
          Take pack {index + 1} away
        </Button>
      )}
    </fieldset>
  );
}
