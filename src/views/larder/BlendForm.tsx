import { sum } from 'd3-array';
import { useForm, useWatch } from 'react-hook-form';
import { blendMean, blendWarnings, type Lot, lotTitle, measuresOf } from '@/core/bean';
import { issueSentence } from '@/core/issues';
import { localDay, parseWeight } from '@/core/units';
import { database } from '@/store/current';
import { addLots, type LotFacts, type LotStock } from '@/store/larder';
import { notify } from '@/store/notices';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { useWords } from '@/ui/useHousehold';

interface Part {
  readonly lot: Lot;
  readonly grams: number;
}

const RANGE = { leastGrams: 1, mostGrams: 100_000 };
const MOST_PARTS = 6;

/** A lot made of others in shares; their green is taken off when it is made. */
export function BlendForm({ lots, onClose }: { readonly lots: readonly LotStock[]; readonly onClose: () => void }) {
  const words = useWords();
  const { register, handleSubmit, formState, control } = useForm({
    defaultValues: { name: '', grams: {} as Record<string, string> },
  });
  const texts = useWatch({ control, name: 'grams' });
  const read = lots.flatMap(({ lot }) => {
    const text = texts[lot.id]?.trim() ?? '';
    return text === ''
      ? []
      : [
          {
            lot,
            grams: parseWeight(text, words.weightUnit, {
              range: RANGE,
              extraGramsPer: measuresOf(lot, words.weightUnit),
            }),
          },
        ];
  });
  const parts = read.flatMap(({ lot, grams }): Part[] => (grams.ok ? [{ lot, grams: grams.value }] : []));
  const total = sum(parts, ({ grams }) => grams);
  const enough = parts.length >= 2 && parts.length === read.length && parts.length <= MOST_PARTS;
  const errorOf = (lotId: string) => {
    const grams = read.find(({ lot }) => lot.id === lotId)?.grams;
    return grams && !grams.ok ? grams.issues.map(issueSentence).join(' ') : undefined;
  };
  const save = handleSubmit(async ({ name }) => {
    if (!enough) return;
    const change = await addLots(database(), [blendOf(name.trim(), parts, total)]);
    onClose();
    notify({ text: `${name.trim()} is mixed: ${words.weight(total)}.`, undo: change });
  });
  return (
    <form noValidate onSubmit={save} className="space-y-3">
      <TextField
        label="What you call the blend"
        placeholder="Harbour blend"
        maxLength={80}
        autoComplete="off"
        error={formState.errors.name?.message}
        {...register('name', { validate: (text) => text.trim() !== '' || 'Give the blend a name.' })}
      />
      {lots
        .filter(({ lot }) => !lot.blendOf)
        .map(({ lot, leftGrams }) => (
          <TextField
            key={lot.id}
            label={`${lotTitle(lot)}, ${words.weight(leftGrams)} left`}
            placeholder="none"
            autoComplete="off"
            error={errorOf(lot.id)}
            hint={shareOf(
              parts.find((part) => part.lot === lot),
              total,
              leftGrams,
            )}
            {...register(`grams.${lot.id}`)}
          />
        ))}
      {parts.length >= 2 &&
        blendWarnings(parts.map(({ lot }) => lot)).map((warning) => (
          <p key={warning} className="text-danger">
            {warning}
          </p>
        ))}
      {formState.isSubmitted && !enough && (
        <p role="alert" className="text-danger">
          A blend takes two to {MOST_PARTS} lots: write how much of each goes in.
        </p>
      )}
      <div className="flex gap-3 pt-2">
        <Button variant="next" type="submit">
          Mix {total > 0 ? words.weight(total) : 'it'}
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </div>
    </form>
  );
}

function shareOf(part: Part | undefined, total: number, leftGrams: number): string | undefined {
  if (!part) return undefined;
  const share = `${Math.round((100 * part.grams) / total)} % of the blend`;
  return part.grams > leftGrams ? `${share}; more than is left, kept as it is` : share;
}

function blendOf(name: string, parts: readonly Part[], total: number): LotFacts {
  const shares = parts.map(({ lot, grams }) => ({ lotId: lot.id, share: grams / total }));
  const mean = (value: (lot: Lot) => number | undefined) =>
    blendMean(parts.map(({ lot, grams }) => ({ share: grams / total, value: value(lot) })));
  const [first] = parts;
  const [gramsPerMl, moisturePercent] = [mean((lot) => lot.gramsPerMl), mean((lot) => lot.moisturePercent)];
  return {
    name,
    origin: '',
    process: first && parts.every(({ lot }) => lot.process === first.lot.process) ? first.lot.process : 'other',
    // Beans of several lots are never of one size.
    grading: 'mixed',
    packs: [{ grams: total, boughtOn: localDay(new Date()) }],
    blendOf: shares,
    ...(gramsPerMl === undefined ? {} : { gramsPerMl }),
    ...(moisturePercent === undefined ? {} : { moisturePercent }),
  };
}
