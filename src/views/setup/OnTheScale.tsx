import type { Lot } from '@/core/bean';
import type { Gear, Method } from '@/core/gear';
import { planForGreen } from '@/core/plan';
import type { ShadeNumber } from '@/core/shade';
import { useWords } from '@/ui/useHousehold';
import type { Planned } from './usePlanned';

interface OnTheScaleProps {
  readonly planned: Planned;
  readonly gear: Gear;
  readonly lot: Lot;
  readonly shade: ShadeNumber;
  readonly leftGrams: number;
  readonly method: Method;
}

/** What to weigh, what it gives and how surely, and whether the gear and the larder bear it. */
export function OnTheScale({ planned, gear, lot, shade, leftGrams, method }: OnTheScaleProps) {
  const words = useWords();
  const { batches, greenGramsEach, greenGrams, roastedGrams, roastedSdGrams, loss } = planned;
  const scoops = lot.scoopGrams && (greenGramsEach / lot.scoopGrams).toFixed(1);
  return (
    <>
      <p className="font-heading text-4xl font-semibold">
        {batches > 1 && `${batches} × `}
        {words.weight(greenGramsEach)} <span className="text-husk text-xl">green</span>
      </p>
      <p className="text-husk mt-1">
        {scoops && `about ${scoops} scoops${batches > 1 ? ' each' : ''} · `}
        {greenGrams > leftGrams
          ? `more than the ${words.weight(Math.max(leftGrams, 0))} the larder says is left; it will be kept as it is`
          : `${batches > 1 ? `${words.weight(greenGrams)} ` : ''}of the ${words.weight(leftGrams)} left`}
      </p>
      <p className="mt-3">
        Gives {words.weight(roastedGrams)}, give or take {words.weight(roastedSdGrams)}:{' '}
        {lossWords(planned, gear, words.shade(shade))} {loss.meanPercent.toFixed(1)} %
        {loss.fromGear > 0 && `, by ${loss.fromGear === 1 ? 'one roast' : `${loss.fromGear} roasts`}`}.
      </p>
      <BatchAdvice greenGrams={greenGramsEach} planned={planned} method={method} />
    </>
  );
}

function lossWords({ loss }: Planned, gear: Gear, shade: string): string {
  if (loss.fromGear === 0) return `${shade} usually loses`;
  return loss.fromGearAndLot > 0
    ? `to ${shade}, these beans in the ${gear.nickname} lose`
    : `to ${shade}, the ${gear.nickname} loses`;
}

/** Warns below and above the method’s range, and says what would fit. */
function BatchAdvice({
  greenGrams,
  planned,
  method,
}: {
  readonly greenGrams: number;
  readonly planned: Planned;
  readonly method: Method;
}) {
  const words = useWords();
  const { least, most } = method.batchGrams;
  if (greenGrams >= least && greenGrams <= most) return null;
  const fitting = planForGreen(greenGrams, most, planned.loss);
  return (
    <p className="text-danger mt-3">
      {greenGrams > most ? 'More' : 'Less'} than is usual on this kind of gear ({words.weight(least)} to{' '}
      {words.weight(most)}).{' '}
      {greenGrams > most
        ? `Too much in it moves badly and scorches; ${fitting.batches} batches of ${words.weight(fitting.greenGramsEach)} would fit.`
        : 'A small batch runs fast; watch it closely.'}
    </p>
  );
}
