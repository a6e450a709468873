import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { type Gear, largestGramsOf, proposedGreen } from '@/core/gear';
import { issueSentence, type Result } from '@/core/issues';
import { ruleWords } from '@/core/plan';
import { type CarriedRecipe, isOwnBatch, type Recipe } from '@/core/recipe';
import { formatClock, parseWeight, weightFieldText } from '@/core/units';
import { carriedRecipe } from '@/store/carriedRecipe';
import { database } from '@/store/current';
import { LinkButton } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { moveWords } from '@/ui/moveWords';
import { useWords } from '@/ui/useHousehold';

interface ScaledProps {
  readonly recipe: Recipe;
  readonly gear: Gear | undefined;
}

const BATCH_RANGE = { leastGrams: 5, mostGrams: 100_000 };

/** The recipe carried to another batch or other gear: what to expect, how sure that is, and what cannot come along. */
export function Scaled({ recipe, gear }: ScaledProps) {
  const words = useWords();
  const all = useLiveQuery(async () => (await database().gear.toArray()).filter((each) => !each.removedAt), []);
  const [gearId, setGearId] = useState<string>(recipe.gearId);
  const inUnit = (grams: number) => `${weightFieldText(grams, words.weightUnit)} ${words.weightUnit}`;
  const [text, setText] = useState(inUnit(recipe.greenGrams));
  const amount = parseWeight(text, words.weightUnit, { range: BATCH_RANGE });
  const target = all?.find(({ id }) => id === gearId);
  const grams = amount.ok ? amount.value : undefined;
  const same = grams !== undefined && isOwnBatch(recipe, gearId, grams);
  const tooMuch = target !== undefined && grams !== undefined && grams > largestGramsOf(target);
  const carried = useLiveQuery(
    async () =>
      target && grams !== undefined && !tooMuch && !same ? carriedRecipe(database(), recipe, target, grams) : undefined,
    [recipe, target, grams, tooMuch, same],
  );
  return (
    <section className="border-ink border-t-2 pt-3">
      <h2 className="mb-3 text-2xl">For another batch or gear</h2>
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField label="Green" value={text} onChange={(event) => setText(event.target.value)} />
        <label className="block">
          <span className="text-husk mb-1 block text-[0.95rem]">Gear</span>
          <select
            aria-label="Gear for the recipe"
            className="choice text-lg"
            value={gearId}
            onChange={(event) => {
              setGearId(event.target.value);
              const picked = all?.find(({ id }) => id === event.target.value);
              if (picked) setText(inUnit(proposedGreen(picked, recipe)));
            }}
          >
            {!target && <option value={gearId}>gear deleted since</option>}
            {all?.map(({ id, nickname }) => (
              <option key={id} value={id}>
                {nickname}
              </option>
            ))}
          </select>
        </label>
      </div>
      <div className="mt-4 text-lg" role="status">
        <Outcome {...{ recipe, gear, amount, target, carried, isGone: all !== undefined && !target, tooMuch, same }} />
      </div>
      {carried && !same && !tooMuch && grams !== undefined && (
        <div className="mt-4">
          <LinkButton
            href={`/roast/?recipe=${encodeURIComponent(recipe.id)}&gear=${encodeURIComponent(gearId)}&grams=${Math.round(grams * 10) / 10}`}
          >
            Roast it so
          </LinkButton>
        </div>
      )}
    </section>
  );
}

interface OutcomeProps extends ScaledProps {
  readonly amount: Result<number>;
  readonly target: Gear | undefined;
  readonly isGone: boolean;
  readonly tooMuch: boolean;
  readonly same: boolean;
  readonly carried: CarriedRecipe | undefined;
}

/** What comes of an amount and gear: the recipe carried over, or why it is not. */
function Outcome({ recipe, gear, amount, target, isGone, tooMuch, same, carried }: OutcomeProps) {
  const words = useWords();
  if (!amount.ok) return <p className="text-danger">{amount.issues.map(issueSentence).join(' ')}</p>;
  if (isGone)
    return (
      <p className="text-husk text-base">Its gear is not in use any more. Choose other gear, and it is carried over.</p>
    );
  if (tooMuch && target)
    return (
      <p className="text-danger">
        The {target.nickname} takes {words.weight(largestGramsOf(target))} at most. Roast it in{' '}
        {Math.ceil(amount.value / largestGramsOf(target))} batches, or take other gear.
      </p>
    );
  if (same)
    return <p className="text-husk text-base">Change the amount or the gear, and the recipe is carried over.</p>;
  if (!carried || !target) return <p className="text-husk">Looking at your roasts…</p>;
  return <Answer carried={carried} recipe={recipe} gear={gear ?? target} target={target} />;
}

interface AnswerProps {
  readonly carried: CarriedRecipe;
  readonly recipe: Recipe;
  /** The recipe's own gear, which its moves are named by. */
  readonly gear: Gear;
  readonly target: Gear;
}

function Answer({ carried, recipe, gear, target }: AnswerProps) {
  const { guide, ranges, fromRoasts } = carried;
  const range = (of: typeof ranges.pull) => `${formatClock(of.earlyS)} to ${formatClock(of.lateS)}`;
  return (
    <>
      <p>
        {guide.firstCrack !== undefined && ranges.firstCrack && (
          <>
            First crack about <b>{formatClock(guide.firstCrack)}</b> ({range(ranges.firstCrack)}),{' '}
          </>
        )}
        pull about <b>{formatClock(guide.pull)}</b> ({range(ranges.pull)}).
      </p>
      <p className="text-husk mt-1 text-base">
        {fromRoasts === 0
          ? `Nothing was roasted in the ${target.nickname} yet, so this is what is usual for its kind`
          : `Reckoned from your roasts, ${fromRoasts} of them in the ${target.nickname}`}
        ; four in five such roasts would lie within these times.
      </p>
      <CannotCome carried={carried} recipe={recipe} gear={gear} target={target} />
    </>
  );
}

/** What the other gear cannot do, by name. */
function CannotCome({ carried, recipe, gear, target }: AnswerProps) {
  const words = useWords();
  const missing = [
    ...carried.leftOut.map((move) => moveWords(move, gear)),
    ...(recipe.pullRule && !carried.pullRule ? [`the pull ${ruleWords(recipe.pullRule, words.degrees)}`] : []),
  ];
  if (missing.length === 0) return null;
  return (
    <p className="mt-2 text-base">
      The {target.nickname} cannot follow: <b>{missing.join(', ')}</b>. Do what does the same there.
    </p>
  );
}
