import { useEffect, useState } from 'react';
import { type Control, controlsOf, heatControl, settingWords, valueWords } from '@/core/gear';
import type { WhatIfAnswer, WhatIf as WhatIfQuestion } from '@/core/simulate';
import { formatSpan } from '@/core/units';
import { Choice } from '@/ui/Choice';
import { useWords } from '@/ui/useHousehold';
import { wasCancelled } from '@/workers/callOnce';
import { askWhatIf } from '@/workers/simulator/client';
import type { Choices } from './useChoices';
import type { Foreseen } from './useForeseen';
import type { Planned } from './usePlanned';

interface Option {
  readonly key: string;
  readonly name: string;
  readonly asked: WhatIfQuestion;
}

interface WhatIfProps {
  readonly choices: Choices;
  readonly planned: Planned;
  readonly foreseen: Foreseen;
}

/** What would be otherwise with a little more in it, on a cold day, with the lid off: asked of the simulation. */
export function WhatIf({ choices, planned, foreseen }: WhatIfProps) {
  const words = useWords();
  const [picked, setPicked] = useState('');
  const [answer, setAnswer] = useState<{ readonly key: string; readonly answer: WhatIfAnswer | 'failed' }>();
  const { gear, stock, batches } = planned;
  const greenGrams = batches?.greenGramsEach ?? 0;
  const options = optionsFor(controlsOf(gear), greenGrams, words);
  const option = options.find(({ key }) => key === picked);
  const question = JSON.stringify([
    option?.asked,
    gear.id,
    stock.lot.id,
    greenGrams,
    choices.shade,
    planned.ambientC,
    planned.wind,
  ]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the question stands for everything that is asked
  useEffect(() => {
    if (!option || greenGrams <= 0) return;
    const { process, grading, gramsPerMl, moisturePercent } = stock.lot;
    const setUp = {
      method: gear.method,
      controls: [...controlsOf(gear)],
      lot: { process, grading, gramsPerMl, moisturePercent },
      greenGrams,
      ambientC: planned.ambientC,
      wind: planned.wind,
    };
    const call = askWhatIf(setUp, { shade: choices.shade }, option.asked);
    call.result.then(
      (found) => setAnswer({ key: question, answer: found }),
      (reason) => wasCancelled(reason) || setAnswer({ key: question, answer: 'failed' }),
    );
    return call.cancel;
  }, [question]);
  return (
    <section className="border-line border-t pt-3">
      <h2 className="mb-1 text-xl">
        What if it were{' '}
        <Choice
          label="What if"
          value={picked}
          options={[['', 'just like this'], ...options.map(({ key, name }) => [key, name] as const)]}
          onPick={setPicked}
        />
        ?
      </h2>
      {option && (
        <p role="status">
          {answer?.key !== question
            ? 'Roasting it both ways…'
            : answer.answer === 'failed'
              ? 'The simulation did not answer. Choose it again.'
              : answerWords(answer.answer, foreseen)}
        </p>
      )}
      <p className="text-husk mt-1 text-[0.95rem]">By the simulated roaster, moved to your own times.</p>
    </section>
  );
}

function optionsFor(controls: readonly Control[], greenGrams: number, words: ReturnType<typeof useWords>): Option[] {
  const step = Math.max(5, Math.round((greenGrams * 0.12) / 5) * 5);
  const just = (change: WhatIfQuestion['change']): WhatIfQuestion => ({ change, moves: [] });
  const all: Option[] = [
    { key: 'more', name: `${words.weight(step)} more`, asked: just({ greenGrams: greenGrams + step }) },
    { key: 'less', name: `${words.weight(step)} less`, asked: just({ greenGrams: greenGrams - step }) },
    { key: 'cold', name: `${words.temperature(5)} outside`, asked: just({ ambientC: 5 }) },
    { key: 'warm', name: `${words.temperature(30)} outside`, asked: just({ ambientC: 30 }) },
    { key: 'windy', name: 'in a strong wind', asked: just({ wind: 'strong' }) },
    { key: 'hot', name: 'into hot gear', asked: just({ minutesSinceLast: 3 }) },
  ];
  const lid = controls.find(({ id }) => id === 'lid');
  if (lid?.kind === 'switch')
    all.push({
      key: 'lid',
      name: 'with the lid off',
      asked: { change: {}, moves: [{ control: 'lid', value: lid.on }] },
    });
  const heat = heatControl(controls);
  if (heat?.kind === 'step') {
    const to = (by: number) => Math.min(heat.most, Math.max(heat.least, heat.start + by * heat.by));
    for (const by of [1, -1])
      all.push({
        key: `heat${by}`,
        name: `${settingWords(controls, heat.id, to(by))}, not ${valueWords(heat, heat.start)}`,
        asked: { change: {}, moves: [{ control: heat.id, value: to(by) }] },
      });
  }
  return all;
}

function answerWords(
  { firstCrackTimes, pullTimes, scorchedBy, stuck }: WhatIfAnswer,
  { expectation }: Foreseen,
): string {
  if (stuck) return 'It would not get there: the heat is too little for it.';
  const move = (times: number, seconds: number) => {
    const by = (times - 1) * seconds;
    return Math.abs(by) < 5 ? 'about the same' : `about ${formatSpan(Math.abs(by))} ${by > 0 ? 'later' : 'sooner'}`;
  };
  const first = `First crack ${move(firstCrackTimes, expectation.usualTimes.firstCrack.medianS)}, the shade ${move(pullTimes, expectation.usualTimes.pull.medianS)}`;
  return `${first}${scorchedBy > 0.03 ? '; more beans with scorched spots' : ''}.`;
}
