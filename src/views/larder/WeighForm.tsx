import { useState } from 'react';
import { measuresOf } from '@/core/bean';
import { issueSentence } from '@/core/issues';
import { parseWeight } from '@/core/units';
import { database } from '@/store/current';
import { editLot, type LotStock } from '@/store/larder';
import { notify } from '@/store/notices';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { useWords } from '@/ui/useHousehold';

const RANGE = { leastGrams: 0, mostGrams: 100_000 };

/** What the scale says is left; it outranks every sum from before. */
export function WeighForm({ stock, onClose }: { readonly stock: LotStock; readonly onClose: () => void }) {
  const words = useWords();
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const { lot, leftGrams } = stock;
  const save = async () => {
    const read = parseWeight(text, words.weightUnit, {
      range: RANGE,
      extraGramsPer: measuresOf(lot, words.weightUnit),
    });
    if (!read.ok) return setError(read.issues.map(issueSentence).join(' '));
    const weighing = { at: new Date().toISOString(), leftGrams: read.value };
    const change = await editLot(database(), lot, { weighings: [...(lot.weighings ?? []), weighing] });
    onClose();
    const by = read.value - leftGrams;
    const more =
      Math.abs(by) < 1 ? 'just as reckoned' : `${words.weight(Math.abs(by))} ${by > 0 ? 'more' : 'less'} than reckoned`;
    notify({ text: `${words.weight(read.value)} of ${lot.name}: ${more}.`, undo: change });
  };
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <TextField
        label="What is left of it"
        placeholder={words.weight(Math.max(leftGrams, 0))}
        autoComplete="off"
        autoFocus
        hint={`Reckoned: ${words.weight(leftGrams)}. From now on the scale counts.`}
        error={error}
        value={text}
        onChange={(event) => setText(event.target.value)}
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
