import { addDays, format, parseISO } from 'date-fns';
import { coolDownMinOf, type Gear, largestGramsOf } from '@/core/gear';
import { batchesTakeS, windowDays } from '@/core/plan';
import { formatClock, formatSpan, localDay } from '@/core/units';
import { onDay } from '@/ui/dates';
import { useHousehold, useWords } from '@/ui/useHousehold';
import type { Choices } from './useChoices';
import type { Foreseen } from './useForeseen';
import type { Planned } from './usePlanned';

interface OnTheClockProps {
  readonly choices: Choices;
  readonly planned: Planned;
  readonly foreseen: Foreseen;
  readonly gear: readonly Gear[];
  readonly onGear: (gearId: string) => void;
}

/** How long it takes: one roast with its first crack, or several batches with the cooling in between; and when it is ready. */
export function OnTheClock({ choices, planned, foreseen, gear: all, onGear }: OnTheClockProps) {
  const { gear, batches: plan, hotForMin } = planned;
  const { forecasts, expectation } = foreseen;
  const forecastOf = (milestone: string) => forecasts.find((each) => each.milestone === milestone);
  const [firstCrack, pull] = [forecastOf('firstCrack'), forecastOf('pull')];
  const batches = plan?.batches ?? 1;
  const coolMin = coolDownMinOf(gear);
  const other = batches > 1 && plan ? all.find((each) => largestGramsOf(each) >= plan.greenGrams) : undefined;
  if (!pull || !firstCrack) return null;
  return (
    <>
      <p className="font-heading text-4xl font-semibold">
        {batches > 1 ? formatSpan(batchesTakeS(batches, pull.medianS, coolMin)) : `about ${formatClock(pull.medianS)}`}
      </p>
      <p className="text-husk mt-1">
        {batches > 1
          ? `${batches} roasts of about ${formatClock(pull.medianS)}, ${formatSpan(coolMin * 60)} for the ${gear.nickname} to cool between`
          : `between ${formatClock(pull.earlyS)} and ${formatClock(pull.lateS)}`}
      </p>
      <p className="text-husk mt-1">
        first crack about {formatClock(firstCrack.medianS)}, between {formatClock(firstCrack.earlyS)} and{' '}
        {formatClock(firstCrack.lateS)}
      </p>
      {hotForMin > 0 && (
        <p className="mt-3">
          The {gear.nickname} is still hot: {Math.ceil(hotForMin)} min until it has cooled. Put in now, this one runs
          ahead; the times allow for that.
        </p>
      )}
      <p className="mt-3">
        {expectation.fromRoasts > 0
          ? `From ${expectation.fromRoasts === 1 ? 'one roast' : `${expectation.fromRoasts} roasts`} in the ${gear.nickname}, and the weight, weather and beans of this one.`
          : `Usual for this kind of gear; your own times in the ${gear.nickname} take over from the first roast on.`}
      </p>
      {other && other.id !== gear.id && (
        <p className="mt-3">
          In the {other.nickname} it would be one batch.{' '}
          <button
            type="button"
            className="min-h-11 font-bold underline underline-offset-4"
            onClick={() => onGear(other.id)}
          >
            Use it instead
          </button>
        </p>
      )}
      <Ready choices={choices} />
    </>
  );
}

/** When the jar is ready by the household's school of rest, and when to roast for a day. */
function Ready({ choices }: { readonly choices: Choices }) {
  const { restSchool } = useHousehold();
  const words = useWords();
  const { restDays } = windowDays(choices.shade, restSchool);
  const rest = `${words.shade(choices.shade)} wants ${restDays === 1 ? 'a day' : `${restDays} days`} of rest`;
  if (choices.amountKind !== 'byDay')
    return (
      <p className="text-husk mt-3">
        Ready to drink {onDay(addDays(new Date(), restDays))}: {rest}.
      </p>
    );
  const latest = addDays(parseISO(choices.readyBy), -restDays);
  const soonEnough = localDay(latest) >= localDay(new Date());
  return (
    <p className={soonEnough ? 'mt-3 font-bold' : 'text-danger mt-3'}>
      {soonEnough
        ? `Roast by ${localDay(latest) === localDay(new Date()) ? 'today' : format(latest, 'EEEE d MMM')}: ${rest}.`
        : `Too late for ${format(parseISO(choices.readyBy), 'EEEE d MMM')}: ${rest}. Roasted today it is ready ${onDay(addDays(new Date(), restDays))}.`}
    </p>
  );
}
