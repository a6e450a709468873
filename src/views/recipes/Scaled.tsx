import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import type { Lot } from '@/core/bean';
import { expectationFor } from '@/core/forecast';
import { controlsOf, type Gear, type UsualSeconds, usualGramsOf } from '@/core/gear';
import { issueSentence } from '@/core/issues';
import { type Recipe, type ScaledRecipe, type SimulatedTimes, scaledRecipe } from '@/core/recipe';
import { formatClock, parseWeight, weightFieldText } from '@/core/units';
import { database } from '@/store/current';
import { roastHistory } from '@/store/history';
import { LinkButton } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { useWords } from '@/ui/useHousehold';
import { askWhatIf } from '@/workers/simulator/client';

interface ScaledProps {
  readonly recipe: Recipe;
  readonly lot: Lot | undefined;
  readonly gear: Gear | undefined;
}

const BATCH_RANGE = { leastGrams: 5, mostGrams: 5000 };

/** The recipe carried to another batch or other gear: what to expect, and how sure that is. */
export function Scaled({ recipe, lot, gear }: ScaledProps) {
  const words = useWords();
  const known = useLiveQuery(async () => {
    const db = database();
    const [all, past] = await Promise.all([db.gear.toArray(), roastHistory(db)]);
    return { gear: all.filter((each) => !each.removedAt), past };
  }, []);
  const [gearId, setGearId] = useState<string>(recipe.gearId);
  const [text, setText] = useState(`${weightFieldText(recipe.greenGrams, words.weightUnit)} ${words.weightUnit}`);
  const [simulated, setSimulated] = useState<{ readonly key: string; readonly times: SimulatedTimes | 'failed' }>();
  const amount = parseWeight(text, words.weightUnit, { range: BATCH_RANGE });
  const target = known?.gear.find(({ id }) => id === gearId);
  const grams = amount.ok ? amount.value : undefined;
  const same = gearId === recipe.gearId && grams !== undefined && Math.abs(grams - recipe.greenGrams) < 1;
  const key = `${gearId} ${grams}`;
  // biome-ignore lint/correctness/useExhaustiveDependencies: gear and grams are all that is asked anew
  useEffect(() => {
    if (same || grams === undefined || !target || !gear) return;
    const call = askWhatIf(
      {
        method: gear.method,
        controls: [...controlsOf(gear)],
        lot: { process: lot?.process ?? 'washed', grading: lot?.grading, gramsPerMl: lot?.gramsPerMl },
        greenGrams: recipe.greenGrams,
      },
      { shade: recipe.shade },
      { change: { method: target.method, controls: [...controlsOf(target)], greenGrams: grams }, moves: [] },
    );
    call.result.then(
      (times) => setSimulated({ key, times }),
      () => setSimulated({ key, times: 'failed' }),
    );
    return call.cancel;
  }, [key, target?.id]);

  const answer = simulated?.key === key ? simulated.times : undefined;
  const scaled =
    answer && answer !== 'failed' && !answer.stuck && target && gear && known && grams !== undefined
      ? scale(recipe, lot, { gear, grams: recipe.greenGrams }, { gear: target, grams }, known.past, answer)
      : undefined;
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
              const picked = known?.gear.find(({ id }) => id === event.target.value);
              if (picked)
                setText(
                  `${weightFieldText(picked.id === recipe.gearId ? recipe.greenGrams : usualGramsOf(picked), words.weightUnit)} ${words.weightUnit}`,
                );
            }}
          >
            {known?.gear.map(({ id, nickname }) => (
              <option key={id} value={id}>
                {nickname}
              </option>
            ))}
          </select>
        </label>
      </div>
      <div className="mt-4 text-lg" role="status">
        {!amount.ok ? (
          <p className="text-danger">{amount.issues.map(issueSentence).join(' ')}</p>
        ) : same ? (
          <p className="text-husk text-base">Change the amount or the gear, and the recipe is carried over.</p>
        ) : answer === 'failed' ? (
          <p>The simulation did not answer. Change the amount to ask again.</p>
        ) : answer?.stuck ? (
          <p>The beans would not get there: too much for that gear.</p>
        ) : scaled ? (
          <Answer scaled={scaled} />
        ) : (
          <p className="text-husk">Roasting it both ways…</p>
        )}
      </div>
      {scaled && grams !== undefined && (
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

interface Batch {
  readonly gear: Gear;
  readonly grams: number;
}

function scale(
  recipe: Recipe,
  lot: Lot | undefined,
  from: Batch,
  to: Batch,
  past: Awaited<ReturnType<typeof roastHistory>>,
  simulated: SimulatedTimes,
): ScaledRecipe {
  const expected = ({ gear, grams }: Batch) =>
    expectationFor(
      {
        method: gear.method,
        gearId: gear.id,
        lotId: recipe.lotId,
        process: lot?.process ?? 'other',
        gramsPerMl: lot?.gramsPerMl,
        greenGrams: grams,
        shade: recipe.shade,
        rule: recipe.pullRule,
      },
      past,
    );
  return scaledRecipe(recipe, expected(from), expected(to), simulated, from.gear.id === to.gear.id);
}

function Answer({ scaled }: { readonly scaled: ScaledRecipe }) {
  const { firstCrack, pull } = scaled.guide;
  const about = ({ medianS, earlyS, lateS }: UsualSeconds) =>
    `about ${formatClock(medianS)} (${formatClock(earlyS)} to ${formatClock(lateS)})`;
  return (
    <>
      <p>
        {firstCrack && <>First crack {about(firstCrack)}, </>}
        {pull && <>pull {about(pull)}.</>}
      </p>
      <p className="text-husk mt-1 text-base">
        {scaled.ownShare >= 0.5
          ? 'Mostly from your own roasts'
          : 'Mostly from the simulation, until you have more roasts of the kind'}
        ; four in five such roasts would lie within these times.
        {scaled.leftOut > 0 &&
          ` ${scaled.leftOut === 1 ? 'One move belongs' : `${scaled.leftOut} moves belong`} to the recipe’s own gear and ${scaled.leftOut === 1 ? 'is' : 'are'} left out.`}
      </p>
    </>
  );
}
