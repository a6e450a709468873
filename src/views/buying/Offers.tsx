import type { BuyingAnswer } from '@/core/cost';
import { mugGrams } from '@/core/household';
import { counted } from '@/core/units';
import { useWords } from '@/ui/useHousehold';
import type { BuyingBasis } from './useBuying';

const DAYS_PER_MONTH = 30.44;

/** What each pack comes to: a roasted kilogram, a mug, how long it lasts, and against the shop. */
export function Offers({ answer, basis }: { readonly answer: BuyingAnswer; readonly basis: BuyingBasis }) {
  const words = useWords();
  const { shopMinorPerKg } = basis.household;
  const mugKg = mugGrams(basis.household) / 1000;
  const energy = basis.energyMinorPerKg ?? 0;
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
                <td>{Number.isFinite(each.homeMinorPerKg) ? words.price(each.homeMinorPerKg) : 'none is drunk'}</td>
                <td>{Number.isFinite(each.homeMinorPerKg) && words.money(each.homeMinorPerKg * mugKg)}</td>
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
                  ) : !Number.isFinite(each.homeMinorPerKg) ? null : shopMinorPerKg >= each.homeMinorPerKg ? (
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
        Roasted: with a loss of {basis.lossPercent.toFixed(1)} %, and what would go stale paid for but not drunk;{' '}
        {energy > 0
          ? `${words.price(energy)} of electricity is in it.`
          : 'without energy, until your gear’s power and your tariff are known.'}
      </p>
    </div>
  );
}

/** A span of days as one says it. */
export function daysWords(days: number): string {
  if (days < 60) return counted(Math.round(days), 'day');
  return days < 700 ? `${Math.round(days / DAYS_PER_MONTH)} months` : `${(days / 365).toFixed(1)} years`;
}
