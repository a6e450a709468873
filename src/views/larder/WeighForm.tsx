import { useForm } from 'react-hook-form';
import { measuresOf } from '@/core/bean';
import { parseWeight } from '@/core/units';
import { database } from '@/store/current';
import { editLot, type LotStock } from '@/store/larder';
import { notify } from '@/store/notices';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { beside, readDraft } from '@/ui/forms/readDraft';
import { useWords } from '@/ui/useHousehold';

const RANGE = { leastGrams: 0, mostGrams: 100_000 };

/** What the scale says is left; it outranks every sum from before. */
export function WeighForm({ stock, onClose }: { readonly stock: LotStock; readonly onClose: () => void }) {
  const words = useWords();
  const { register, handleSubmit, setError, formState } = useForm({ defaultValues: { left: '' } });
  const { lot, leftGrams } = stock;
  const save = handleSubmit(async (draft) => {
    const measures = { range: RANGE, extraGramsPer: measuresOf(lot, words.weightUnit) };
    const read = readDraft(draft, { left: (text) => parseWeight(text, words.weightUnit, measures) }, beside(setError));
    if (!read) return;
    const weighing = { weighedAt: new Date().toISOString(), leftGrams: read.left };
    const change = await editLot(database(), lot, { weighings: [...(lot.weighings ?? []), weighing] });
    onClose();
    const by = read.left - leftGrams;
    const more =
      Math.abs(by) < 1 ? 'just as reckoned' : `${words.weight(Math.abs(by))} ${by > 0 ? 'more' : 'less'} than reckoned`;
    notify({ text: `${words.weight(read.left)} of ${lot.name}: ${more}.`, undo: change });
  });
  return (
    <form noValidate onSubmit={save}>
      <TextField
        label="What is left of it"
        placeholder={words.weight(Math.max(leftGrams, 0))}
        autoComplete="off"
        autoFocus
        hint={`Reckoned: ${words.weight(leftGrams)}. From now on the scale counts.`}
        error={formState.errors.left?.message}
        {...register('left')}
      />
      <div className="mt-5 flex gap-3">
        <Button variant="next" type="submit">
          Take it
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </div>
    </form>
  );
}
