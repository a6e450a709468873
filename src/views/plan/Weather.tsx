import { useState } from 'react';
import { expectationFor, weatherWord } from '@/core/forecast';
import { issueSentence } from '@/core/issues';
import type { RoastDay } from '@/core/plan';
import { AIR_C, USUAL_AMBIENT_C, windNames, winds } from '@/core/roast';
import { formatSpan, fromCelsius, parseTemperature } from '@/core/units';
import { database } from '@/store/current';
import { editDay } from '@/store/days';
import { Choice } from '@/ui/Choice';
import { useWords } from '@/ui/useHousehold';
import type { Choices } from './useChoices';
import type { Foreseen } from './useForeseen';
import type { Planned } from './usePlanned';

interface WeatherProps {
  readonly choices: Choices;
  readonly planned: Planned;
  readonly foreseen: Foreseen;
  readonly day: RoastDay;
}

/** Outdoors: how cold and windy it is today, and what that does to the times. Noted once a day. */
export function Weather({ choices, planned, foreseen, day }: WeatherProps) {
  const words = useWords();
  const [text, setText] = useState<string>();
  if (choices.place !== 'outdoors') return null;
  const save = (facts: Partial<RoastDay>) => void editDay(database(), day.date, () => facts);
  const stored = day.ambientC === undefined ? '' : String(Math.round(fromCelsius(day.ambientC, words.temperatureUnit)));
  const parsed =
    text === undefined || text.trim() === '' ? undefined : parseTemperature(text, words.temperatureUnit, AIR_C);
  const firstCrackS = foreseen.expectation.usualTimes.firstCrack.medianS;
  const { question } = planned;
  const mild = expectationFor({ ...question, ambientC: USUAL_AMBIENT_C, wind: 'calm' }, foreseen.past);
  const known = question.ambientC !== undefined || question.wind !== undefined;
  const lateS = known ? firstCrackS - mild.usualTimes.firstCrack.medianS : 0;
  const word = weatherWord({ ambientC: day.ambientC, wind: day.wind }, planned.gear.method);
  return (
    <div className="mt-3">
      <p className="text-husk">
        Outside it is{' '}
        <input
          aria-label="Outside temperature"
          className="choice w-[4ch] text-center font-bold"
          placeholder="?"
          value={text ?? stored}
          onChange={(event) => setText(event.target.value)}
          onBlur={() => {
            if (text?.trim() === '') save({ ambientC: undefined });
            if (parsed?.ok) save({ ambientC: parsed.value });
            if (!parsed || parsed.ok) setText(undefined);
          }}
          onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
        />{' '}
        °{words.temperatureUnit}, with{' '}
        <Choice
          label="Wind"
          value={day.wind ?? 'calm'}
          options={winds.map((wind) => [wind, wind === 'calm' ? 'no wind' : windNames[wind]])}
          onPick={(wind) => save({ wind })}
        />
        {Math.abs(lateS) >= 5 &&
          `: first crack about ${formatSpan(Math.abs(lateS))} ${lateS > 0 ? 'later' : 'sooner'} than on a mild, calm day`}
        .
      </p>
      {parsed && !parsed.ok && (
        <p role="alert" className="text-danger">
          {parsed.issues.map(issueSentence).join(' ')}
        </p>
      )}
      {word && <p className="mt-1">{word}</p>}
    </div>
  );
}
