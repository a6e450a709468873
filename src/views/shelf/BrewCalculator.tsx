import { useState } from 'react';
import { type BrewPlan, type BrewWay, brewWayNames, brewWays, CUP_ML, drinkMlFrom, planBrew } from '@/core/brew';
import { fateOf } from '@/core/shelf';
import { formatSpan, parseNumber } from '@/core/units';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { addJarEvent, type JarNow } from '@/store/shelf';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useHousehold, useWords } from '@/ui/useHousehold';

type Measure = 'mugs' | 'ml' | 'all';

const hints = {
  cup: 'By pour or by immersion, as you like it.',
  judging: 'By immersion: grounds and water together, stirred once, four minutes; it hides slips of pouring.',
  concentrate: 'Brewed strong in half the water; the rest thins it, hot, cold or as milk.',
  coldBrew:
    'Ground coarse, in cold water, in the refrigerator, then through a filter. It takes the edge off a batch that came out sharp or dark.',
} as const satisfies Record<BrewWay, string>;

/** A way to brew and how much of it, and what that takes off the jar. */
export function BrewCalculator({ jar }: { readonly jar: JarNow }) {
  const { mugMl, gramsPerLitre } = useHousehold();
  const words = useWords();
  const failed = fateOf(jar.row.events) === 'coldBrew';
  // Kept for cold brew, it is out of the jar already: what was put to that use is what is brewed.
  const put = jar.account.lines.findLast(({ kind }) => kind === 'fate');
  const holds = failed && put ? -put.byGrams : jar.leftGrams;
  const [way, setWay] = useState<BrewWay>(failed ? 'coldBrew' : 'cup');
  const [text, setText] = useState('2');
  const [measure, setMeasure] = useState<Measure>(failed ? 'all' : 'mugs');
  const parsed = parseNumber(text, '2');
  const amount = parsed.ok && parsed.value > 0 && parsed.value < 20_000 ? parsed.value : undefined;
  const drinkMl = {
    mugs: amount && amount * mugMl,
    ml: amount,
    all: holds >= 1 ? drinkMlFrom(way, holds, gramsPerLitre) : undefined,
  }[measure];
  const plan = drinkMl === undefined ? undefined : planBrew(way, drinkMl, gramsPerLitre);
  const brew = async ({ grams }: BrewPlan) => {
    const nowAt = new Date().toISOString();
    const used = Math.min(grams, measure === 'all' ? jar.leftGrams : grams);
    notify({
      text: `${words.weight(used)} are off the jar.`,
      undo: await addJarEvent(database(), jar.row, { kind: 'use', doneAt: nowAt, grams: used }),
    });
  };
  const pick = (next: BrewWay) => {
    setWay(next);
    if (next === 'judging') {
      setMeasure('ml');
      setText(String(CUP_ML));
    }
  };
  return (
    <section className="border-ink border-t-2 pt-3">
      <h2 className="mb-1 text-xl leading-relaxed">
        Brew{' '}
        {measure !== 'all' && (
          <input
            aria-label="Amount"
            inputMode="decimal"
            className="choice w-[4ch] text-center"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        )}{' '}
        <Choice<Measure>
          label="Measure"
          value={measure}
          options={[
            ['mugs', 'mugs'],
            ['ml', 'ml'],
            ['all', 'all that is left'],
          ]}
          onPick={setMeasure}
        />{' '}
        <Choice<BrewWay>
          label="Way to brew"
          value={way}
          options={brewWays.map((each) => [each, brewWayNames[each]])}
          onPick={pick}
          then="."
        />
      </h2>
      {plan ? (
        <>
          <p>
            <b className="text-2xl">{words.weight(plan.grams)}</b> {planWords(plan, words.temperature)}
          </p>
          {measure !== 'all' && plan.grams > holds && (
            <p className="text-danger">More than the jar holds; it will show as empty.</p>
          )}
          {!failed && (
            <Button className="mt-2" onClick={() => void brew(plan)}>
              Take it off the jar
            </Button>
          )}
        </>
      ) : (
        <p role="alert" className="text-danger">
          {measure === 'all' ? 'The jar is empty.' : 'Write how many, such as 2.'}
        </p>
      )}
      <p className="text-husk mt-2 text-[0.95rem]">{hints[way]}</p>
    </section>
  );
}

/** “for 300 ml, 92 to 96 °C, 4 min” */
function planWords({ waterMl, thinMl, waterC, steepS }: BrewPlan, temperature: (celsius: number) => string): string {
  const time =
    steepS.least === steepS.most
      ? formatSpan(steepS.least)
      : `${formatSpan(steepS.least)} to ${formatSpan(steepS.most)}`;
  const warm = waterC ? `${temperature(waterC.least)} to ${temperature(waterC.most)}` : 'cold';
  const thin = thinMl > 0 ? `; then ${Math.round(thinMl)} ml more to thin it` : '';
  return `in ${Math.round(waterMl)} ml of water, ${warm}, ${time}${thin}.`;
}
