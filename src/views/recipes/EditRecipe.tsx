import { useState } from 'react';
import { canonical } from '@/core/exchange';
import type { Gear } from '@/core/gear';
import { issueSentence } from '@/core/issues';
import { proposedRule, ruleWords } from '@/core/plan';
import type { Recipe } from '@/core/recipe';
import { ENTRY_S, milestoneNames, type PlannedMove, type PullRule } from '@/core/roast';
import { capital, formatClock, parseClock, parseWeight, weightFieldText } from '@/core/units';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { editRecipe } from '@/store/recipes';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { keptOr } from '@/ui/forms/readDraft';
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

/** A recipe changed as a recipe: name, batch, shade, times, pull and moves. The roasts made by it stay as they were. */
export function EditRecipe({ recipe, gear, onDone }: EditRecipeProps) {
  const words = useWords();
  const [name, setName] = useState(recipe.name);
  const [note, setNote] = useState(recipe.note ?? '');
  const shown = `${weightFieldText(recipe.greenGrams, words.weightUnit)} ${words.weightUnit}`;
  const [green, setGreen] = useState(shown);
  const [shade, setShade] = useState(recipe.shade);
  const [rule, setRule] = useState<PullRule | undefined>(recipe.pullRule);
  const [moves, setMoves] = useState<readonly PlannedMove[]>(recipe.moves);
  const [clocks, setClocks] = useState(
    () =>
      Object.fromEntries(
        MARKS.map((mark) => [mark, recipe.guide[mark] === undefined ? '' : formatClock(recipe.guide[mark])]),
      ) as Record<Mark, string>,
  );
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const itsGear = gear ?? { method: 'other' as const };

  const keep = async () => {
    const readGreen = keptOr(shown, recipe.greenGrams, (text) => parseWeight(text, words.weightUnit, { range: GRAMS }));
    const read = readGreen(green);
    const { guide, wrong } = readGuide(clocks);
    const all = {
      ...wrong,
      ...(name.trim() === '' ? { name: 'Give it a name.' } : {}),
      ...(read.ok ? {} : { green: read.issues.map(issueSentence).join(' ') }),
    };
    setErrors(all);
    if (Object.keys(all).length > 0 || !read.ok || guide.pull === undefined) return;
    const facts = {
      name: name.trim(),
      note: note.trim() === '' ? undefined : note.trim(),
      greenGrams: read.value,
      shade,
      pullRule: rule,
      moves: [...moves],
      guide: { ...guide, pull: guide.pull },
    };
    if (canonical({ ...recipe, ...facts }) !== canonical(recipe))
      notify({
        text: `The recipe “${name.trim()}” is changed.`,
        undo: await editRecipe(database(), recipe, facts),
      });
    onDone();
  };

  return (
    <form
      className="max-w-3xl space-y-5"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
        <TextField
          label="Name"
          value={name}
          maxLength={80}
          error={errors.name}
          onChange={(event) => setName(event.target.value)}
        />
        <TextField label="Note" value={note} maxLength={1000} onChange={(event) => setNote(event.target.value)} />
        <TextField
          label="Green"
          value={green}
          error={errors.green}
          onChange={(event) => setGreen(event.target.value)}
        />
        <ShadeField label="Shade" value={shade} onShade={setShade} />
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
            value={clocks[mark]}
            error={errors[mark]}
            onChange={(event) => setClocks({ ...clocks, [mark]: event.target.value })}
          />
        ))}
      </div>
      <PlannedMoves gear={(gear ?? { ...itsGear, nickname: '' }) as Gear} moves={moves} onMoves={setMoves} />
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
