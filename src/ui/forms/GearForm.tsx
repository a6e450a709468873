import { useForm, useWatch } from 'react-hook-form';
import { type Gear, type MethodId, methodIds, methodOf } from '@/core/gear';
import { issueSentence } from '@/core/issues';
import { formatWeight, parseWeight, weightFieldText } from '@/core/units';
import type { GearFacts } from '@/store/larder';
import { Button } from '../Button';
import { SelectField, TextField } from '../Field';
import { useHousehold } from '../useHousehold';

interface GearFormProps {
  readonly gear?: Gear;
  readonly onSave: (facts: GearFacts) => void | Promise<void>;
  readonly onCancel?: () => void;
}

interface GearDraft {
  nickname: string;
  method: MethodId;
  usual: string;
}

const BATCH_RANGE = { leastGrams: 5, mostGrams: 5000 };

/** The short form for a piece of gear: nickname, method, the usual batch. */
export function GearForm({ gear, onSave, onCancel }: GearFormProps) {
  const { weightUnit } = useHousehold();
  const { register, handleSubmit, setError, formState, control } = useForm<GearDraft>({
    defaultValues: {
      nickname: gear?.nickname ?? '',
      method: gear?.method ?? 'hotAirPopper',
      usual: gear?.usualGrams ? `${weightFieldText(gear.usualGrams, weightUnit)} ${weightUnit}` : '',
    },
  });
  const { errors } = formState;
  const { batchGrams } = methodOf(useWatch({ control, name: 'method' }));
  const [usual, least, most] = [batchGrams.usual, batchGrams.least, batchGrams.most].map((grams) =>
    formatWeight(grams, weightUnit),
  );
  const save = handleSubmit(async (draft) => {
    let usualGrams: number | undefined;
    if (draft.usual.trim() !== '') {
      const parsed = parseWeight(draft.usual, weightUnit, { range: BATCH_RANGE });
      if (!parsed.ok)
        return setError('usual', { message: parsed.issues.map(issueSentence).join(' ') }, { shouldFocus: true });
      usualGrams = parsed.value;
    }
    await onSave({ nickname: draft.nickname.trim(), method: draft.method, usualGrams });
  });
  return (
    <form onSubmit={save} noValidate className="space-y-3">
      <TextField
        label="What you call it"
        placeholder="Blue popper"
        maxLength={60}
        autoComplete="off"
        error={errors.nickname?.message}
        {...register('nickname', {
          validate: (text) => text.trim() !== '' || 'Give it a nickname, such as Blue popper.',
        })}
      />
      <SelectField label="What it is" {...register('method')}>
        {methodIds.map((method) => (
          <option key={method} value={method}>
            {methodOf(method).name}
          </option>
        ))}
      </SelectField>
      <TextField
        label="Your usual batch of green"
        placeholder={usual}
        autoComplete="off"
        hint={`Leave it empty for the usual ${usual} (${least} to ${most}). Stay within what its maker rates it for.`}
        error={errors.usual?.message}
        {...register('usual')}
      />
      <div className="flex flex-wrap gap-3 pt-2">
        <Button variant="next" type="submit">
          {gear ? 'Save' : 'Add this gear'}
        </Button>
        {onCancel && <Button onClick={onCancel}>Cancel</Button>}
      </div>
    </form>
  );
}
