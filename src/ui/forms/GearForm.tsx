import { useForm, useWatch } from 'react-hook-form';
import { type Gear, type MethodId, methodIds, methodOf } from '@/core/gear';
import { formatWeight } from '@/core/units';
import type { GearFacts } from '@/store/larder';
import { Button } from '../Button';
import { SelectField, TextField } from '../Field';
import { useHousehold } from '../useHousehold';
import { GearMore } from './GearMore';
import { controlsFault, draftOfGear, type GearDraft, gearReaders, pickedControls, usualKeys } from './gearDraft';
import { beside, readDraft } from './readDraft';

interface GearFormProps {
  readonly gear?: Gear;
  readonly onSave: (facts: GearFacts) => void | Promise<void>;
  readonly onCancel?: () => void;
}

/** The form for a piece of gear: nickname, method and batch are enough; the rest lies below. */
export function GearForm({ gear, onSave, onCancel }: GearFormProps) {
  const { weightUnit, currency, temperatureUnit } = useHousehold();
  const form = useForm<GearDraft>({ defaultValues: draftOfGear(gear, weightUnit, currency, temperatureUnit) });
  const { register, handleSubmit, setError, setValue, formState, control } = form;
  const { errors } = formState;
  const method = methodOf(useWatch({ control, name: 'method' }));
  const [usual, least, most] = [method.batchGrams.usual, method.batchGrams.least, method.batchGrams.most].map((grams) =>
    formatWeight(grams, weightUnit),
  );
  const save = handleSubmit(async (draft) => {
    const read = readDraft(
      draft,
      gearReaders(weightUnit, currency, draft.hasProbe ? draft.probeUnit : temperatureUnit),
      beside(setError),
    );
    if (!read) return;
    if (read.usual !== undefined && read.largest !== undefined && read.usual > read.largest)
      return setError('largest', { message: 'The largest batch cannot be below the usual one. Change one of them.' });
    const fault = controlsFault(draft.controls);
    if (fault) return setError('controls', { message: fault }, { shouldFocus: true });
    if (draft.hasProbe && draft.probeName.trim() === '')
      return setError('probeName', { message: 'Give the probe a name, such as Thin probe.' });
    await onSave({
      nickname: draft.nickname.trim(),
      method: draft.method,
      usualGrams: read.usual,
      largestGrams: read.largest,
      controls: pickedControls(draft.controls, draft.method),
      watts: read.watts,
      priceMinor: read.price,
      coolDownMin: read.coolDown,
      preheatMin: read.preheat,
      preheatC: read.hotAt,
      preheatSign: read.hotSign,
      place: draft.place || undefined,
      ventilation: draft.ventilation || undefined,
      trays: draft.trays ? (2 as const) : undefined,
      modified: draft.modified || undefined,
      probe: draft.hasProbe
        ? {
            name: draft.probeName.trim(),
            unit: draft.probeUnit,
            ...(draft.probeWhere.trim() === '' ? {} : { where: draft.probeWhere.trim() }),
          }
        : undefined,
      reminders: read.reminders,
      note: read.note,
    });
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
      <SelectField
        label="What it is"
        {...register('method', {
          onChange: (event) => setValue('controls', usualKeys(event.target.value as MethodId, temperatureUnit)),
        })}
      >
        {methodIds.map((id) => (
          <option key={id} value={id}>
            {methodOf(id).name}
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
      <GearMore form={form} method={method} />
      <div className="flex flex-wrap gap-3 pt-2">
        <Button variant="next" type="submit">
          {gear ? 'Save' : 'Add this gear'}
        </Button>
        {onCancel && <Button onClick={onCancel}>Cancel</Button>}
      </div>
    </form>
  );
}
