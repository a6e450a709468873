import { MOST_PEOPLE, mugsIn } from '@/core/household';
import { issueSentence } from '@/core/issues';
import { formatSpan } from '@/core/units';
import { database } from '@/store/current';
import { saveHousehold } from '@/store/settings';
import { Choice } from '@/ui/Choice';
import { Tick } from '@/ui/Tick';
import { Typed } from '@/ui/Typed';
import type { AheadModel } from '@/ui/useAhead';
import { useWords } from '@/ui/useHousehold';
import { useWholeNumber } from '@/ui/useWholeNumber';

const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'] as const;
const MINUTES = [30, 60, 90, 120, 180, 240, 360] as const;
const SATURDAY = 6;

/** Use, what a roast gives, and on which days: a sentence whose parts are the choices. */
export function AheadSentence({ ahead }: { readonly ahead: AheadModel }) {
  const words = useWords();
  const { household, settings, use, roast, gramsPerDay, roastGrams, mostBatches, change } = ahead;
  const complaint = [use.read, roast.read].flatMap((each) => (each.ok ? [] : each.issues.map(issueSentence)));
  const people = useWholeNumber({
    value: household.people,
    least: 1,
    most: MOST_PEOPLE,
    onNumber: (value) => void saveHousehold(database(), { people: value }),
  });
  const fixed = settings.weekdays.length > 0;
  const week = Array.from({ length: 7 }, (_, i) => (household.weekStart + i) % 7);
  const toggle = (day: number, on: boolean) =>
    change(({ weekdays }) => {
      const rest = weekdays.filter((each) => each !== day);
      const next = on ? [...rest, day].sort() : rest;
      // The last one stays: without any it would be another way of planning.
      return next.length > 0 ? { weekdays: next } : {};
    });
  return (
    <>
      <p className="mt-4 text-[1.35rem] leading-[1.9]">
        There are <input aria-label="People" className="choice w-[3ch] text-center" {...people} /> of you, using{' '}
        <Typed label="Use, each" value={use.text} onType={use.type} onLeave={ahead.keepUse} /> each; a roast gives{' '}
        <Typed label="What a roast gives" value={roast.text} onType={roast.type} />. Roast{' '}
        <Choice
          label="Which days"
          value={fixed ? 'fixed' : 'few'}
          options={[
            ['few', 'on as few days as freshness allows'],
            ['fixed', 'on fixed days of the week'],
          ]}
          onPick={(way) => change(() => ({ weekdays: way === 'few' ? [] : [SATURDAY] }))}
          then=","
        />{' '}
        for{' '}
        <Choice
          label="Time a day"
          value={settings.minutesADay}
          options={MINUTES.map((minutes) => [minutes, formatSpan(minutes * 60)])}
          onPick={(minutesADay) => change(() => ({ minutesADay }))}
        />{' '}
        at most.
      </p>
      {fixed && (
        <fieldset className="mt-1 flex flex-wrap gap-x-5">
          <legend className="sr-only">Days of the week to roast on</legend>
          {week.map((day) => (
            <Tick
              key={day}
              checked={settings.weekdays.includes(day)}
              onChange={(event) => toggle(day, event.target.checked)}
            >
              {WEEKDAYS[day]}
            </Tick>
          ))}
        </fieldset>
      )}
      {complaint.length > 0 && (
        <p role="alert" className="text-danger">
          {complaint.join(' ')}
        </p>
      )}
      <p className="text-husk mt-1">
        That is {words.weight(gramsPerDay)} a day. A roast of {words.weight(roastGrams)} makes about{' '}
        {mugsIn(roastGrams, household)} mugs and lasts{' '}
        {(roastGrams / gramsPerDay).toFixed(roastGrams / gramsPerDay < 10 ? 1 : 0)} days;{' '}
        {mostBatches === 1
          ? 'one batch fits'
          : `${mostBatches} batches fit, cooling of the ${ahead.usual.gear?.nickname ?? 'gear'} between them included,`}{' '}
        into {formatSpan(settings.minutesADay * 60)}. The shelf counts as its jars stand now.
      </p>
    </>
  );
}
