import { useForm } from 'react-hook-form';
import { type Lot, type Process, processes, processNames } from '@/core/bean';
import { issueSentence } from '@/core/issues';
import { parseWeight, weightFieldText } from '@/core/units';
import type { LotFacts } from '@/store/larder';
import { Button } from '../Button';
import { SelectField, TextField } from '../Field';
import { useHousehold } from '../useHousehold';

interface LotFormProps {
  readonly lot?: Lot;
  readonly onSave: (facts: LotFacts) => void | Promise<void>;
  readonly onCancel?: () => void;
}

interface LotDraft {
  name: string;
  origin: string;
  process: Process;
  bought: string;
}

const BOUGHT_RANGE = { leastGrams: 1, mostGrams: 100_000 };

/** The short form for a lot: name, origin, process, how much was bought. */
export function LotForm({ lot, onSave, onCancel }: LotFormProps) {
  const { weightUnit } = useHousehold();
  const { register, handleSubmit, setError, formState } = useForm<LotDraft>({
    defaultValues: {
      name: lot?.name ?? '',
      origin: lot?.origin ?? '',
      process: lot?.process ?? 'washed',
      bought: lot ? `${weightFieldText(lot.boughtGrams, weightUnit)} ${weightUnit}` : '',
    },
  });
  const { errors } = formState;
  const save = handleSubmit(async (draft) => {
    const bought = parseWeight(draft.bought, weightUnit, { range: BOUGHT_RANGE });
    if (!bought.ok)
      return setError('bought', { message: bought.issues.map(issueSentence).join(' ') }, { shouldFocus: true });
    await onSave({
      name: draft.name.trim(),
      origin: draft.origin.trim(),
      process: draft.process,
      boughtGrams: bought.value,
    });
  });
  return (
    <form onSubmit={save} noValidate className="space-y-3">
      <TextField
        label="What you call these beans"
        placeholder="Lantern Terrace"
        maxLength={80}
        autoComplete="off"
        error={errors.name?.message}
        {...register('name', {
          validate: (text) => text.trim() !== '' || 'Give the beans a name, such as the farm or the shop’s own.',
        })}
      />
      <TextField
        label="Where from"
        placeholder="Peru"
        maxLength={80}
        autoComplete="off"
        hint="Leave it empty if you do not know."
        {...register('origin')}
      />
      <SelectField label="Process" {...register('process')}>
        {processes.map((process) => (
          <option key={process} value={process}>
            {processNames[process]}
          </option>
        ))}
      </SelectField>
      <TextField
        label="How much green you bought"
        placeholder={weightUnit === 'g' ? '1 kg' : '2 lb'}
        autoComplete="off"
        hint="A number, or with a unit: 1 kg, 2 lb 3 oz."
        error={errors.bought?.message}
        {...register('bought')}
      />
      <div className="flex flex-wrap gap-3 pt-2">
        <Button variant="next" type="submit">
          {lot ? 'Save' : 'Add these beans'}
        </Button>
        {onCancel && <Button onClick={onCancel}>Cancel</Button>}
      </div>
    </form>
  );
}
