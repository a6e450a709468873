import { controlsOf, type Gear, largestGramsOf, methodOf, traysOf, usualGramsOf } from '@/core/gear';
import type { Money } from '@/store/moneySoFar';
import { useHousehold, useWords } from '@/ui/useHousehold';
import { paybackWords } from '@/ui/useMoney';

/** What a piece of gear is: its batch, what can be changed on it, how it cools, when it has paid for itself. */
export function GearFigures({ gear, money }: { readonly gear: Gear; readonly money: Money | undefined }) {
  const words = useWords();
  const { shopMinorPerKg } = useHousehold();
  const itsGear = money?.gear.find((each) => each.gear.id === gear.id);
  const { name, batchGrams, coolDownMin } = methodOf(gear.method);
  return (
    <div>
      <p className="text-husk">{name}</p>
      <p className="mt-2">
        {words.weight(usualGramsOf(gear))} a batch{traysOf(gear) === 2 && ' on two trays'}{' '}
        <span className="text-husk">
          {gear.largestGrams
            ? `(${words.weight(gear.largestGrams)} at the most)`
            : `(usual ${words.weight(batchGrams.least)} to ${words.weight(largestGramsOf(gear))})`}
        </span>
      </p>
      <p className="text-husk">
        {gear.coolDownMin === undefined
          ? coolDownWords(coolDownMin)
          : `${gear.coolDownMin} min to cool between batches`}
        {gear.preheatMin ? `, ${gear.preheatMin} min of preheat` : ''}
      </p>
      <p className="text-husk">
        You change{' '}
        {controlsOf(gear)
          .map(({ label }) => label.toLowerCase())
          .join(', ') || 'nothing on it'}
        .
      </p>
      {gear.probe && (
        <p className="text-husk">
          {gear.probe.name}, °{gear.probe.unit}
          {gear.probe.where && `, ${gear.probe.where}`}
        </p>
      )}
      {gear.modified && (
        <p className="text-danger">Changed by hand: own earthed socket, and an electrician’s word on it.</p>
      )}
      {gear.ventilation === 'none' && gear.place !== 'outdoors' && (
        <p className="text-danger">No way out for the smoke yet: find one before the next roast.</p>
      )}
      {money && itsGear && <p className="mt-1">{paybackWords(itsGear.payback, money.all, shopMinorPerKg, words)}</p>}
    </div>
  );
}

function coolDownWords({ least, most }: { readonly least: number; readonly most: number }): string {
  return most === 0 || least === most
    ? `${most} min to cool between batches`
    : `${least} to ${most} min to cool between batches`;
}
