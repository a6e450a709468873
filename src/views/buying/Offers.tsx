import { type BuyingAnswer, homePrice } from '@/core/cost';
import { mugGrams } from '@/core/household';
import { counted } from '@/core/units';
import { useWords } from '@/ui/useHousehold';
import type { BuyingBasis } from './useBuying';

const DAYS_PER_MONTH = 30.44;

/** What each pack comes to: a roasted kilogram, a mug, how long it lasts, and against the shop. */
export function Offers({ answer, basis }: { readonly answer: BuyingAnswer; readonly basis: BuyingBasis }) {
  const words = useWords();
  const { shopMinorPerKg } = basis.household;
  const { energyMinorPerKg } = basis;
  const gramsAMug = mugGrams(basis.household);
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
            .map((each) => ({ ...each, home: homePrice(each, { energyMinorPerKg, gramsAMug, shopMinorPerKg }) }))
            .map((each, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: offers have no other identity
              <tr key={i} className="border-line border-b">
                <td className="py-3">
                  <b>{words.weight(each.offer.grams)}</b>
                  {i === answer.best && answer.judged.length > 1 && <b className="text-bill"> best for you</b>}
                </td>
                <td>{words.price(each.landedMinorPerKg)}</td>
                <td>{Number.isFinite(each.home.minorPerKg) ? words.price(each.home.minorPerKg) : 'none is drunk'}</td>
                <td>{Number.isFinite(each.home.minorPerKg) && words.money(each.home.mugMinor)}</td>
                <td>
                  {daysWords(each.lastsDays)}
                  {each.wastedGrams > 0 && (
                    <span className="text-danger block">{words.weight(each.wastedGrams)} would go stale</span>
                  )}
                </td>
                <td>
                  {each.home.savesMinorPerKg === undefined ? (
                    <a className="underline underline-offset-4" href="/files/#use-and-money">
                      Say what a shop takes
                    </a>
                  ) : !Number.isFinite(each.home.minorPerKg) ? null : each.home.savesMinorPerKg >= 0 ? (
                    `saves ${words.price(each.home.savesMinorPerKg)}`
                  ) : (
                    <span className="text-danger">{words.price(-each.home.savesMinorPerKg)} dearer</span>
                  )}
                </td>
              </tr>
            ))}
        </tbody>
      </table>
      <p className="text-husk mt-3 text-[0.95rem]">
        Roasted: with a loss of {basis.lossPercent.toFixed(1)} %, and what would go stale paid for but not drunk;{' '}
        {(energyMinorPerKg ?? 0) > 0
          ? `${words.price(energyMinorPerKg ?? 0)} of electricity is in it.`
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
