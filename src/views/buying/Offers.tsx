import type { BuyingAnswer } from '@/core/cost';
import { mugGrams } from '@/core/household';
import type { Costs } from '@/ui/useCosts';
import { useWords } from '@/ui/useHousehold';

const DAYS_PER_MONTH = 30.44;

/** What each pack comes to: a roasted kilogram, a mug, how long it lasts, and against the shop. */
export function Offers({ answer, costs }: { readonly answer: BuyingAnswer; readonly costs: Costs }) {
  const words = useWords();
  const { shopMinorPerKg } = costs.household;
  const mugKg = mugGrams(costs.household) / 1000;
  const energy = costs.energyMinorPerKg ?? 0;
  return (
    <div className="mt-6 overflow-x-auto">
      <table className="w-full min-w-[40rem] text-left">
        <thead className="text-husk border-ink border-b-2 text-[0.95rem]">
          <tr>
            <th className="py-2 font-normal">Pack</th>
            <th className="font-normal">Green, landed</th>
            <th className="font-normal">Roasted</th>
            <th className="font-normal">A mug</th>
            <th className="font-normal">Lasts</th>
            <th className="font-normal">Against the shop</th>
          </tr>
        </thead>
        <tbody>
          {answer.judged
            .map((each) => ({ ...each, homeMinorPerKg: each.drunkMinorPerKg + energy }))
            .map((each, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: offers have no other identity
              <tr key={i} className="border-line border-b">
                <td className="py-3">
                  <b>{words.weight(each.offer.grams)}</b>
                  {i === answer.best && answer.judged.length > 1 && <b className="text-bill"> best for you</b>}
                </td>
                <td>{words.price(each.landedMinorPerKg)}</td>
                <td>{words.price(each.homeMinorPerKg)}</td>
                <td>{words.money(each.homeMinorPerKg * mugKg)}</td>
                <td>
                  {daysWords(each.lastsDays)}
                  {each.wastedGrams > 0 && (
                    <span className="text-danger block">{words.weight(each.wastedGrams)} would go stale</span>
                  )}
                </td>
                <td>
                  {shopMinorPerKg === undefined ? (
                    <a className="underline underline-offset-4" href="/files/#use-and-money">
                      Say what a shop takes
                    </a>
                  ) : shopMinorPerKg >= each.homeMinorPerKg ? (
                    `saves ${words.price(shopMinorPerKg - each.homeMinorPerKg)}`
                  ) : (
                    <span className="text-danger">{words.price(each.homeMinorPerKg - shopMinorPerKg)} dearer</span>
                  )}
                </td>
              </tr>
            ))}
        </tbody>
      </table>
      <p className="text-husk mt-3 text-[0.95rem]">
        Roasted: with a loss of {costs.lossPercent.toFixed(1)} %, and what would go stale paid for but not drunk;{' '}
        {energy > 0
          ? `${words.price(energy)} of electricity is in it.`
          : 'without energy, until your gear’s power and your tariff are known.'}
      </p>
    </div>
  );
}

/** A span of days as one says it. */
function daysWords(days: number): string {
  if (days < 60) return `${Math.round(days)} days`;
  return days < 700 ? `${Math.round(days / DAYS_PER_MONTH)} months` : `${(days / 365).toFixed(1)} years`;
}
