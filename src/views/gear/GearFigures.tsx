import { payback } from '@/core/cost';
import { controlsOf, type Gear, methodOf, usualGramsOf } from '@/core/gear';
import { gramsADay } from '@/core/household';
import type { Costs } from '@/ui/useCosts';
import { useWords } from '@/ui/useHousehold';

/** What a piece of gear is: its batch, what can be changed on it, how it cools, when it has paid for itself. */
export function GearFigures({ gear, costs }: { readonly gear: Gear; readonly costs: Costs | undefined }) {
  const words = useWords();
  const { name, batchGrams, coolDownMin } = methodOf(gear.method);
  return (
    <div>
      <p className="text-husk">{name}</p>
      <p className="mt-2">
        {words.weight(usualGramsOf(gear))} a batch{' '}
        <span className="text-husk">
          {gear.largestGrams
            ? `(${words.weight(gear.largestGrams)} at the most)`
            : `(usual ${words.weight(batchGrams.least)} to ${words.weight(batchGrams.most)})`}
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
      {gear.priceMinor !== undefined && <p className="mt-1">{paybackWords(gear.priceMinor, costs, words)}</p>}
    </div>
  );
}

function coolDownWords({ least, most }: { readonly least: number; readonly most: number }): string {
  return most === 0 || least === most
    ? `${most} min to cool between batches`
    : `${least} to ${most} min to cool between batches`;
}

function paybackWords(priceMinor: number, costs: Costs | undefined, words: ReturnType<typeof useWords>): string {
  if (costs?.savingMinorPerKg === undefined)
    return `${words.money(priceMinor)}; say what your green and a shop’s coffee cost, and Gander says when it is paid for.`;
  const back = payback(priceMinor, costs.savingMinorPerKg, gramsADay(costs.household));
  if (!back) return `${words.money(priceMinor)}; at these prices roasting saves nothing.`;
  return `${words.money(priceMinor)}: paid for after ${back.kg.toFixed(1)} kg, ${back.months < 1 ? 'within a month' : `about ${Math.round(back.months)} months`} at your use.`;
}
