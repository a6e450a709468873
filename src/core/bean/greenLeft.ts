import { localDay } from '../units/index.ts';
import type { Lot } from './lot.ts';

/** Green that left a lot: into a roast, or into a blend. */
export interface Taking {
  readonly takenAt: string;
  readonly grams: number;
}

/** Green bought, all packs, grams. */
export function boughtGrams(lot: Pick<Lot, 'packs'>): number {
  return lot.packs.reduce((sum, pack) => sum + pack.grams, 0);
}

/**
 * Green left of a lot, grams: what the last weighing said less what was taken since and plus packs bought on a later
 * day; without a weighing, all packs less all takings. May be negative, which means that a pack or a weighing is
 * missing from the record; it is shown, not hidden.
 */
export function greenLeft(lot: Pick<Lot, 'packs' | 'weighings'>, takings: readonly Taking[]): number {
  const weighed = lastWeighing(lot);
  if (!weighed) return takings.reduce((left, { grams }) => left - grams, boughtGrams(lot));
  const later = lot.packs.filter(({ boughtOn }) => boughtOn !== undefined && boughtOn > localDay(weighed.weighedAt));
  return takings
    .filter(({ takenAt }) => takenAt > weighed.weighedAt)
    .reduce((left, { grams }) => left - grams, weighed.leftGrams + boughtGrams({ packs: later }));
}

/** The newest weighing of what is left; undefined when nobody weighed. */
export function lastWeighing(lot: Pick<Lot, 'weighings'>) {
  return lot.weighings?.reduce((newest, each) => (each.weighedAt > newest.weighedAt ? each : newest));
}

/** What a blend took of each of its parts when it was made. */
export function blendTakings(lots: readonly Lot[], lotId: string): Taking[] {
  return lots.flatMap((lot) => {
    const share = lot.blendOf?.find((part) => part.lotId === lotId)?.share;
    return share === undefined ? [] : [{ takenAt: lot.createdAt, grams: boughtGrams(lot) * share }];
  });
}
