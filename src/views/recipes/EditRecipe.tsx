import { Controller, useForm, useWatch } from 'react-hook-form';
import { canonical } from '@/core/exchange';
import type { Gear } from '@/core/gear';
import { issueSentence } from '@/core/issues';
import { proposedRule, ruleWords } from '@/core/plan';
import type { Recipe } from '@/core/recipe';
import { ENTRY_S, milestoneNames, type PlannedMove, type PullRule } from '@/core/roast';
import { capital, formatClock, parseClock, parseWeight, type WeightUnit, weightFieldText } from '@/core/units';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { editRecipe } from '@/store/recipes';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { beside, keptOr, nameReader, readDraft, textReader } from '@/ui/forms/readDraft';
import { ShadeField } from '@/ui/forms/ShadeField';
import { PlannedMoves } from '@/ui/PlannedMoves';
import { RuleChoice } from '@/ui/RuleChoice';
import { useWords } from '@/ui/useHousehold';

interface EditRecipeProps {
  readonly recipe: Recipe;
  readonly gear: Gear | undefined;
  readonly onDone: () => void;
}

const MARKS = ['yellow', 'firstCrack', 'firstCrackEnd', 'secondCrack', 'pull'] as const;
type Mark = (typeof MARKS)[number];
const GRAMS = { leastGrams: 1, mostGrams: 100_000 };

interface RecipeDraft {
  readonly name: string;
  readonly note: string;
  readonly green: string;
  readonly shade: Recipe['shade'];
  readonly rule: PullRule | undefined;
  readonly moves: readonly PlannedMove[];
  readonly clocks: Readonly<Record<Mark, string>>;
}

/** The form as it opens. */
function draftOfRecipe(recipe: Recipe, weightUnit: WeightUnit): RecipeDraft {
  const clock = (mark: Mark) => (recipe.guide[mark] === undefined ? '' : formatClock(recipe.guide[mark]));
  return {
    name: recipe.name,
    note: recipe.note ?? '',
    green: `${weightFieldText(recipe.greenGrams, weightUnit)} ${weightUnit}`,
    shade: recipe.shade,
    rule: recipe.pullRule,
    moves: recipe.moves,
    clocks: Object.fromEntries(MARKS.map((mark) => [mark, clock(mark)])) as Record<Mark, string>,
  };
}

/** A recipe changed as a recipe: name, batch, shade, times, pull and moves. The roasts made by it stay as they were. */
export function EditRecipe({ recipe, gear, onDone }: EditRecipeProps) {
  const words = useWords();
  const shown = draftOfRecipe(recipe, words.weightUnit);
  const { register, handleSubmit, setError, setValue, formState, control } = useForm<RecipeDraft>({
    defaultValues: shown,
  });
  const { errors } = formState;
  const [shade, rule] = useWatch({ control, name: ['shade', 'rule'] });
  const itsGear = gear ?? { method: 'other' as const };
  const setRule = (next: PullRule | undefined) => setValue('rule', next);

  const keep = handleSubmit(async (draft) => {
    const read = readDraft(
      { name: draft.name, note: draft.note, green: draft.green },
      {
        name: nameReader('the name of the recipe'),
        note: textReader(1000),
        green: keptOr(shown.green, recipe.greenGrams, (text) => parseWeight(text, words.weightUnit, { range: GRAMS })),
      },
      beside(setError),
    );
    const { guide, wrong } = readGuide(draft.clocks);
    for (const mark of MARKS)
      if (wrong[mark]) setError(`clocks.${mark}`, { message: wrong[mark] }, { shouldFocus: read !== undefined });
    if (!read || Object.keys(wrong).length > 0 || guide.pull === undefined) return;
    const facts = {
      name: read.name,
      note: read.note,
      greenGrams: read.green,
      shade: draft.shade,
      pullRule: draft.rule,
      moves: [...draft.moves],
      guide: { ...guide, pull: guide.pull },
      // What was lost belongs to the shade that it was lost for.
      ...(draft.shade === recipe.shade ? {} : { lossPercent: undefined }),
    };
    if (canonical({ ...recipe, ...facts }) !== canonical(recipe))
      notify({ text: `The recipe “${read.name}” is changed.`, undo: await editRecipe(database(), recipe, facts) });
    onDone();
  });

  return (
    <form className="max-w-3xl space-y-5" noValidate onSubmit={keep}>
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
        <TextField label="Name" maxLength={80} error={errors.name?.message} {...register('name')} />
        <TextField label="Note" maxLength={1000} {...register('note')} />
        <TextField label="Green" error={errors.green?.message} {...register('green')} />
        <ShadeField label="Shade" value={shade} onShade={(next) => setValue('shade', next)} />
      </div>
      <div className="text-lg">
        {rule ? (
          <>
            Pulled{' '}
            <RuleChoice
              gear={itsGear}
              shade={shade}
              rule={rule}
              onRule={setRule}
              onKind={(kind) => setRule(proposedRule(itsGear, shade, [], kind).rule)}
            />{' '}
            <Button variant="quiet" onClick={() => setRule(undefined)}>
              by the time alone
            </Button>
          </>
        ) : (
          <>
            Pulled at its time.{' '}
            <Button variant="quiet" onClick={() => setRule(proposedRule(itsGear, shade, []).rule)}>
              Pull {ruleWords(proposedRule(itsGear, shade, []).rule, words.degrees)}
            </Button>
          </>
        )}
      </div>
      <div className="grid grid-cols-2 gap-x-6 gap-y-3 sm:grid-cols-5">
        {MARKS.map((mark) => (
          <TextField
            key={mark}
            label={capital(milestoneNames[mark])}
            placeholder={mark === 'pull' ? '10:00' : 'not given'}
            error={errors.clocks?.[mark]?.message}
            {...register(`clocks.${mark}`)}
          />
        ))}
      </div>
      <Controller
        control={control}
        name="moves"
        render={({ field }) => (
          <PlannedMoves
            gear={(gear ?? { ...itsGear, nickname: '' }) as Gear}
            moves={field.value}
            onMoves={field.onChange}
          />
        )}
      />
      <div className="flex gap-3">
        <Button type="submit" variant="next">
          Keep it so
        </Button>
        <Button onClick={onDone}>Leave it</Button>
      </div>
    </form>
  );
}

/** The times as typed; a slip gets its word beside the field, and so does one that comes before an earlier mark. */
function readGuide(clocks: Readonly<Record<Mark, string>>) {
  const guide: Partial<Record<Mark, number>> = {};
  const wrong: Partial<Record<Mark, string>> = {};
  let last = 0;
  for (const mark of MARKS) {
    if (clocks[mark].trim() === '') {
      if (mark === 'pull') wrong.pull = 'A recipe has a pull.';
      continue;
    }
    const read = parseClock(clocks[mark]);
    if (!read.ok) wrong[mark] = read.issues.map(issueSentence).join(' ');
    else if (read.value < 0 || read.value > ENTRY_S.most) wrong[mark] = 'Write a time of the roast, such as 7:42.';
    else if (read.value < last) wrong[mark] = `It comes after ${formatClock(last)}.`;
    else {
      guide[mark] = Math.round(read.value);
      last = read.value;
    }
  }
  return { guide, wrong };
}
