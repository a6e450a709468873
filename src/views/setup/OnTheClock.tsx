import type { Forecast } from '@/core/forecast';
import type { Gear, Method } from '@/core/gear';
import { batchesTakeS } from '@/core/plan';
import { formatClock, formatSpan } from '@/core/units';
import type { Planned } from './usePlanned';

interface OnTheClockProps {
  readonly planned: Planned | undefined;
  readonly gear: Gear;
  readonly method: Method;
  readonly forecasts: readonly Forecast[];
  /** How many roasts of this gear speak; 0 for the method’s usual times. */
  readonly fromRoasts: number;
}

/** How long it takes: one roast with its first crack, or several batches with the cooling in between. */
export function OnTheClock({ planned, gear, method, forecasts, fromRoasts }: OnTheClockProps) {
  const firstCrack = forecasts.find(({ milestone }) => milestone === 'firstCrack');
  const pullS = forecasts.find(({ milestone }) => milestone === 'pull')?.medianS ?? 0;
  const batches = planned?.batches ?? 1;
  const coolMin = (method.coolDownMin.least + method.coolDownMin.most) / 2;
  return (
    <>
      <p className="font-heading text-4xl font-semibold">
        {batches > 1 ? formatSpan(batchesTakeS(batches, pullS, coolMin)) : `about ${formatClock(pullS)}`}
      </p>
      {batches > 1 && (
        <p className="text-husk mt-1">
          {batches} roasts of about {formatClock(pullS)}, {formatSpan(coolMin * 60)} for the {gear.nickname} to cool
          between
        </p>
      )}
      {firstCrack && (
        <p className="text-husk mt-1">
          first crack about {formatClock(firstCrack.medianS)}, between {formatClock(firstCrack.earlyS)} and{' '}
          {formatClock(firstCrack.lateS)}
        </p>
      )}
      <p className="mt-3">
        {fromRoasts > 0
          ? `From your last ${fromRoasts} roasts in the ${gear.nickname}.`
          : `Usual for this kind of gear; after three roasts in the ${gear.nickname}, your own times take over.`}
      </p>
    </>
  );
}
