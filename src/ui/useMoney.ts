import { useLiveQuery } from 'dexie-react-hooks';
import type { MoneySoFar, Payback } from '@/core/cost';
import { database } from '@/store/current';
import { type Money, readMoney } from '@/store/moneySoFar';
import { useHousehold, type useWords } from './useHousehold';

/** What roasting at home came to by now; undefined until it was added up. */
export function useMoney(): Money | undefined {
  const { shopMinorPerKg, tariffMinorPerKwh } = useHousehold();
  return useLiveQuery(
    () => readMoney(database(), shopMinorPerKg ?? 0, tariffMinorPerKwh, Date.now()),
    [shopMinorPerKg, tariffMinorPerKwh],
  );
}

/** Whether and when gear has paid for itself, as every page says it. */
export function paybackWords(
  { priceMinor, paidBack, kgToGo, monthsToGo, savedMinor }: Payback,
  all: MoneySoFar,
  shopMinorPerKg: number | undefined,
  words: ReturnType<typeof useWords>,
): string {
  const price = words.money(priceMinor);
  if (shopMinorPerKg === undefined) return `${price}. Say what a shop takes, and Gander says when it is paid back.`;
  if (all.roasts === all.unpriced)
    return `${price}. After the first roast of green with a price Gander says when it is paid back.`;
  if (paidBack) return `${price}, and has paid for itself: ${words.money(savedMinor)} saved on it.`;
  if (kgToGo === undefined) return `${price}, not paid back while nothing is saved.`;
  if (monthsToGo === undefined) return `${price}, paid back after another ${words.weight(kgToGo * 1000)} of coffee.`;
  const months = Math.max(1, Math.round(monthsToGo));
  return `${price}, paid back in about ${months === 1 ? 'a month' : `${months} months`} at this pace.`;
}
