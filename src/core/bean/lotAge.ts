import { DAY_MS } from '../units/index.ts';
import { keeping } from './beanKinds.ts';
import type { Lot } from './lot.ts';

const DAYS_PER_MONTH = 30.44;

/** How old green is, and what that means as it is stored. */
export interface LotAge {
  readonly state: 'fresh' | 'useSoon' | 'old';
  readonly months: number;
  /** The day it counts as old from, `2027-05-01`. */
  readonly keepsUntil: string;
}

/**
 * The age of a lot on `today` (`2026-11-24`), counted from its arrival, else from its first pack; undefined when neither
 * date is known. Unstated storage is taken to be cool, dark and dry.
 */
export function lotAge(lot: Pick<Lot, 'arrivedOn' | 'packs' | 'storage'>, today: string): LotAge | undefined {
  const bought = lot.packs.flatMap(({ boughtOn }) => boughtOn ?? []).sort()[0];
  const from = lot.arrivedOn ?? bought;
  if (from === undefined) return undefined;
  const months = Math.max(0, (Date.parse(today) - Date.parse(from)) / DAY_MS / DAYS_PER_MONTH);
  const { freshMonths, keepsMonths } = keeping[lot.storage ?? 'coolDarkDry'];
  const untilMs = Date.parse(from) + keepsMonths * DAYS_PER_MONTH * DAY_MS;
  return {
    state: months <= freshMonths ? 'fresh' : months <= keepsMonths ? 'useSoon' : 'old',
    months,
    keepsUntil: new Date(untilMs).toISOString().slice(0, 10),
  };
}
