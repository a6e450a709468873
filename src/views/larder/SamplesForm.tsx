import { useId } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { parseSamples } from '@/core/bean';
import { issueSentence } from '@/core/issues';
import { localDay } from '@/core/units';
import { database } from '@/store/current';
import { addLots } from '@/store/larder';
import { notify } from '@/store/notices';
import { Button } from '@/ui/Button';
import { useWords } from '@/ui/useHousehold';

/** Several small lots at once, a line each. */
export function SamplesForm({ onClose }: { readonly onClose: () => void }) {
  const { weightUnit } = useWords();
  const id = useId();
  const usual = weightUnit === 'g' ? '100 g' : '4 oz';
  const { register, handleSubmit, setError, formState, control } = useForm({ defaultValues: { lines: '' } });
  const read = parseSamples(useWatch({ control, name: 'lines' }), weightUnit);
  const errors = formState.errors.lines?.message?.split('\n') ?? [];
  const save = handleSubmit(async () => {
    if (!read.ok) {
      const said = read.issues.map(
        (issue) => `${issue.path.length > 0 ? `Line ${Number(issue.path[0]) + 1}: ` : ''}${issueSentence(issue)}`,
      );
      return setError('lines', { message: said.join('\n') }, { shouldFocus: true });
    }
    const boughtOn = localDay(new Date());
    const change = await addLots(
      database(),
      read.value.map(({ grams, ...facts }) => ({ ...facts, packs: [{ grams, boughtOn }] })),
    );
    onClose();
    notify({
      text: `${read.value.length === 1 ? 'One sample is' : `${read.value.length} samples are`} in the larder.`,
      undo: change,
    });
  });
  return (
    <form noValidate onSubmit={save}>
      <label htmlFor={id} className="text-husk block text-[0.95rem]">
        One a line: name, origin, process, weight
      </label>
      <textarea
        id={id}
        rows={6}
        className="border-husk mt-1 block w-full border-2 bg-transparent p-2"
        placeholder={`Kite Hill, Ethiopia, natural, ${usual}\nThree Herons, Rwanda, washed, ${usual}`}
        aria-describedby={`${id}-errors`}
        {...register('lines')}
      />
      <ul id={`${id}-errors`} className="text-danger mt-2" role={errors.length > 0 ? 'alert' : undefined}>
        {errors.map((error) => (
          <li key={error}>{error}</li>
        ))}
      </ul>
      <div className="mt-4 flex gap-3">
        <Button variant="next" type="submit">
          {read.ok
            ? `Add ${read.value.length === 1 ? 'one sample' : `${read.value.length} samples`}`
            : 'Add the samples'}
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </div>
    </form>
  );
}
