import { useFieldArray, useForm } from 'react-hook-form';
import { type Lot, processes, processNames } from '@/core/bean';
import { localDay } from '@/core/units';
import type { LotFacts } from '@/store/larder';
import { Button } from '../Button';
import { SelectField, TextField } from '../Field';
import { useHousehold } from '../useHousehold';
import { LotMore } from './LotMore';
import { dateTrouble, draftOfLot, emptyPack, type LotDraft, lotReaders, packOf, packReaders } from './lotDraft';
import { PackFields } from './PackFields';
import { beside, readDraft } from './readDraft';

interface LotFormProps {
  readonly lot?: Lot;
  readonly onSave: (facts: LotFacts) => void | Promise<void>;
  readonly onCancel?: () => void;
}

/** The form for a lot: four fields are enough; what it cost and what is known of the beans lie below. */
export function LotForm({ lot, onSave, onCancel }: LotFormProps) {
  const { weightUnit, currency } = useHousehold();
  const form = useForm<LotDraft>({ defaultValues: draftOfLot(lot, weightUnit, currency) });
  const { register, handleSubmit, setError, formState, control } = form;
  const packs = useFieldArray({ control, name: 'packs' });
  const { errors } = formState;
  const save = handleSubmit(async (draft) => {
    const read = readDraft(draft, lotReaders(weightUnit), beside(setError));
    const readPacks = draft.packs.map((pack, i) =>
      readDraft(pack, packReaders(weightUnit, currency), (field, message, first) =>
        setError(`packs.${i}.${field}`, { message }, { shouldFocus: first && read !== undefined }),
      ),
    );
    if (!read || readPacks.some((pack) => pack === undefined)) return;
    const today = localDay(new Date());
    const bought = readPacks.flatMap((pack) => pack?.boughtOn ?? []);
    const wrong = dateTrouble(read.arrivedOn, bought, today);
    if (wrong)
      return setError(wrong.field === 'arrivedOn' ? 'arrivedOn' : `packs.${wrong.pack}.boughtOn`, {
        message: wrong.message,
      });
    const { hundredMl, moisture, scoop, ...rest } = read;
    await onSave({
      ...keptFacts(lot),
      name: draft.name.trim(),
      origin: draft.origin.trim(),
      process: draft.process,
      packs: readPacks.flatMap((pack) => (pack ? [packOf(pack)] : [])),
      ...rest,
      grading: draft.grading || undefined,
      densityClass: draft.densityClass || undefined,
      storage: draft.storage || undefined,
      moisturePercent: moisture,
      gramsPerMl: hundredMl === undefined ? undefined : hundredMl / 100,
      scoopGrams: scoop,
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
          validate: (text) => text.trim() !== '' || 'Give the beans a name, such as Lantern Terrace.',
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
      {packs.fields.map((field, i) => (
        <PackFields key={field.id} form={form} index={i} count={packs.fields.length} onRemove={() => packs.remove(i)} />
      ))}
      {lot && !lot.blendOf && (
        <Button variant="quiet" className="-ml-5" onClick={() => packs.append(emptyPack)}>
          Another pack of the same beans
        </Button>
      )}
      <LotMore form={form} />
      <div className="flex flex-wrap gap-3 pt-2">
        <Button variant="next" type="submit">
          {lot ? 'Save' : 'Add these beans'}
        </Button>
        {onCancel && <Button onClick={onCancel}>Cancel</Button>}
      </div>
    </form>
  );
}

/** What a lot has that this form does not show. */
function keptFacts(lot: Lot | undefined): Pick<Lot, 'weighings' | 'blendOf'> {
  return {
    ...(lot?.weighings ? { weighings: lot.weighings } : {}),
    ...(lot?.blendOf ? { blendOf: lot.blendOf } : {}),
  };
}
