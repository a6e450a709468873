import type { UseFormReturn } from 'react-hook-form';
import { densityClasses, densityNames, gradingNames, gradings, keeping, storages } from '@/core/bean';
import { SelectField, TextField } from '../Field';
import { useHousehold } from '../useHousehold';
import type { LotDraft } from './lotDraft';

/** What else may be known of the beans; each line earns its place by what the plan does with it. */
export function LotMore({ form }: { readonly form: UseFormReturn<LotDraft> }) {
  const { weightUnit } = useHousehold();
  const { register, formState } = form;
  const { errors } = formState;
  const troubled = errors.moisture || errors.hundredMl || errors.scoop || errors.arrivedOn;
  return (
    <details className="border-line border-t" open={troubled ? true : undefined}>
      <summary className="flex min-h-11 items-center font-bold underline underline-offset-4">
        More about them, as far as you know
      </summary>
      <div className="grid gap-x-6 gap-y-3 pt-2 sm:grid-cols-2">
        <TextField label="Farm or mark" maxLength={80} autoComplete="off" {...register('mark')} />
        <TextField label="Screen size" placeholder="16-18" maxLength={20} autoComplete="off" {...register('screen')} />
        <SelectField label="Sizes" {...register('grading')}>
          <option value="">not known</option>
          {gradings.map((grading) => (
            <option key={grading} value={grading}>
              {gradingNames[grading]}
            </option>
          ))}
        </SelectField>
        <SelectField label="Density, as the seller says" {...register('densityClass')}>
          <option value="">not known</option>
          {densityClasses.map((density) => (
            <option key={density} value={density}>
              {densityNames[density]}
            </option>
          ))}
        </SelectField>
        <TextField
          label="What 100 ml of it weighs"
          placeholder={weightUnit === 'g' ? '70 g' : '2.5 oz'}
          autoComplete="off"
          hint="A jug, filled loosely and struck off: how dense they are."
          error={errors.hundredMl?.message}
          {...register('hundredMl')}
        />
        <TextField
          label="What one of your scoops of it weighs"
          placeholder={weightUnit === 'g' ? '12 g' : '0.4 oz'}
          autoComplete="off"
          hint="Weigh one scoop once; then write batches as 6 scoops."
          error={errors.scoop?.message}
          {...register('scoop')}
        />
        <TextField
          label="Moisture"
          unit="%"
          placeholder="11"
          inputMode="decimal"
          autoComplete="off"
          hint="Each point above 11 loses about a point more."
          error={errors.moisture?.message}
          {...register('moisture')}
        />
        <TextField
          label="Crop or arrival"
          type="date"
          hint="Their age is counted from here."
          error={errors.arrivedOn?.message}
          {...register('arrivedOn')}
        />
        <SelectField label="Kept" {...register('storage')}>
          <option value="">not said</option>
          {storages.map((storage) => (
            <option key={storage} value={storage}>
              {keeping[storage].name}, {keeping[storage].keepsMonths} months
            </option>
          ))}
        </SelectField>
        <TextField
          label="Said to taste of"
          placeholder="cocoa, orange"
          maxLength={300}
          autoComplete="off"
          {...register('expected')}
        />
        <TextField label="Did taste of" maxLength={300} autoComplete="off" {...register('tasted')} />
        <TextField label="A note on the lot" maxLength={2000} autoComplete="off" {...register('note')} />
      </div>
    </details>
  );
}
