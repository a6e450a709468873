import { useForm } from 'react-hook-form';
import { type Grading, gradingNames, gradings, type Lot, type Process, processes, processNames } from '@/core/bean';
import { failure, type Issue, issueSentence, type Result, success } from '@/core/issues';
import { parseNumber, parseWeight, type WeightRange, type WeightUnit, weightFieldText } from '@/core/units';
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
  grading: Grading | '';
  moisture: string;
  hundredMl: string;
  scoop: string;
}

const BOUGHT_RANGE = { leastGrams: 1, mostGrams: 100_000 };
/** What 100 ml of loose green can weigh; the handbook’s 0.62 to 0.78 g/ml with room to both sides. */
const HUNDRED_ML_RANGE = { leastGrams: 30, mostGrams: 120 };
const SCOOP_RANGE = { leastGrams: 1, mostGrams: 500 };
const MOISTURE = { least: 3, most: 20 };

/** The short form for a lot: name, origin, process, how much was bought. */
export function LotForm({ lot, onSave, onCancel }: LotFormProps) {
  const { weightUnit } = useHousehold();
  const { register, handleSubmit, setError, formState } = useForm<LotDraft>({
    defaultValues: {
      name: lot?.name ?? '',
      origin: lot?.origin ?? '',
      process: lot?.process ?? 'washed',
      bought: lot ? `${weightFieldText(lot.boughtGrams, weightUnit)} ${weightUnit}` : '',
      grading: lot?.grading ?? '',
      moisture: lot?.moisturePercent === undefined ? '' : String(lot.moisturePercent),
      hundredMl:
        lot?.gramsPerMl === undefined ? '' : `${weightFieldText(lot.gramsPerMl * 100, weightUnit)} ${weightUnit}`,
      scoop: lot?.scoopGrams === undefined ? '' : `${weightFieldText(lot.scoopGrams, weightUnit)} ${weightUnit}`,
    },
  });
  const { errors } = formState;
  const refuse = (field: keyof LotDraft, issues: readonly Issue[]) =>
    setError(field, { message: issues.map(issueSentence).join(' ') }, { shouldFocus: true });
  const save = handleSubmit(async (draft) => {
    const bought = parseWeight(draft.bought, weightUnit, { range: BOUGHT_RANGE });
    if (!bought.ok) return refuse('bought', bought.issues);
    const hundredMl = parseOptionalWeight(draft.hundredMl, weightUnit, HUNDRED_ML_RANGE);
    if (!hundredMl.ok) return refuse('hundredMl', hundredMl.issues);
    const scoop = parseOptionalWeight(draft.scoop, weightUnit, SCOOP_RANGE);
    if (!scoop.ok) return refuse('scoop', scoop.issues);
    const moisture = parseMoisture(draft.moisture);
    if (!moisture.ok) return refuse('moisture', moisture.issues);
    await onSave({
      name: draft.name.trim(),
      origin: draft.origin.trim(),
      process: draft.process,
      boughtGrams: bought.value,
      grading: draft.grading || undefined,
      moisturePercent: moisture.value,
      gramsPerMl: hundredMl.value === undefined ? undefined : hundredMl.value / 100,
      scoopGrams: scoop.value,
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
      <details
        className="border-line border-t"
        open={errors.moisture || errors.hundredMl || errors.scoop ? true : undefined}
      >
        <summary className="flex min-h-11 items-center font-bold underline underline-offset-4">
          More about them, as far as you know
        </summary>
        <div className="space-y-3 pt-2">
          <SelectField label="Sizes" {...register('grading')}>
            <option value="">not known</option>
            {gradings.map((grading) => (
              <option key={grading} value={grading}>
                {gradingNames[grading]}
              </option>
            ))}
          </SelectField>
          <TextField
            label="Moisture"
            unit="%"
            placeholder="11"
            inputMode="decimal"
            autoComplete="off"
            hint="From the seller’s sheet. Each point above 11 loses about a point more."
            error={errors.moisture?.message}
            {...register('moisture')}
          />
          <TextField
            label="What 100 ml of it weighs"
            placeholder={weightUnit === 'g' ? '70 g' : '2.5 oz'}
            autoComplete="off"
            hint="A measuring jug, filled loosely and struck off. It tells how dense the beans are."
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
        </div>
      </details>
      <div className="flex flex-wrap gap-3 pt-2">
        <Button variant="next" type="submit">
          {lot ? 'Save' : 'Add these beans'}
        </Button>
        {onCancel && <Button onClick={onCancel}>Cancel</Button>}
      </div>
    </form>
  );
}

/** A weight that may be left out. */
function parseOptionalWeight(text: string, unit: WeightUnit, range: WeightRange): Result<number | undefined> {
  return text.trim() === '' ? success(undefined) : parseWeight(text, unit, { range });
}

function parseMoisture(text: string): Result<number | undefined> {
  if (text.trim() === '') return success(undefined);
  const parsed = parseNumber(text.replace(/%\s*$/, ''), '11');
  if (!parsed.ok || (parsed.value >= MOISTURE.least && parsed.value <= MOISTURE.most)) return parsed;
  return failure({
    code: 'outOfRange',
    path: [],
    value: `${parsed.value} %`,
    least: `${MOISTURE.least} %`,
    most: `${MOISTURE.most} %`,
  });
}
