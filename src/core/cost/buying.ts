import { landedMinorPerKg } from './money.ts';

/** A pack on offer: green grams and what it costs, minor units. */
export interface Offer {
  readonly grams: number;
  readonly priceMinor: number;
  readonly carriageMinor: number;
}

export interface BuyingQuestion {
  readonly offers: readonly Offer[];
  /** Roasted coffee used a day by the household, grams. */
  readonly gramsPerDay: number;
  readonly lossPercent: number;
  /** How long green keeps as this household stores it, days. */
  readonly keepsDays: number;
}

/** What an offer comes to for this household. */
export interface OfferJudged {
  readonly offer: Offer;
  readonly landedMinorPerKg: number;
  /** For a roasted kilogram that is drunk: what goes stale is paid for and thrown away. */
  readonly drunkMinorPerKg: number;
  readonly lastsDays: number;
  /** Green that is not used before it is old, grams. */
  readonly wastedGrams: number;
}

export interface BuyingAnswer {
  /** In the order of the offers. */
  readonly judged: readonly OfferJudged[];
  /** Index of the cheapest that is used before it goes stale; of the least wasteful price when none is. */
  readonly best: number;
  /** Every offer outlasts its beans. */
  readonly allWaste: boolean;
}

/**
 * Price breaks judged by use (handbook, section 11): the biggest pack is the best only if it is used before the green
 * goes stale. Throws RangeError without offers.
 */
export function bestOffer({ offers, gramsPerDay, lossPercent, keepsDays }: BuyingQuestion): BuyingAnswer {
  if (offers.length === 0) throw new RangeError('offers must hold one offer at least, got none');
  const greenPerDay = gramsPerDay / (1 - lossPercent / 100);
  const judged = offers.map((offer): OfferJudged => {
    const usedGrams = Math.min(offer.grams, greenPerDay * keepsDays);
    const landed = landedMinorPerKg(offer.priceMinor, offer.carriageMinor, offer.grams);
    return {
      offer,
      landedMinorPerKg: landed,
      drunkMinorPerKg: (landed * offer.grams) / usedGrams / (1 - lossPercent / 100),
      lastsDays: offer.grams / greenPerDay,
      wastedGrams: offer.grams - usedGrams,
    };
  });
  const cheapest = (candidates: readonly OfferJudged[], price: (each: OfferJudged) => number) =>
    candidates.reduce((best, each) => (price(each) < price(best) ? each : best));
  const used = judged.filter(({ wastedGrams }) => wastedGrams === 0);
  const best =
    used.length > 0
      ? cheapest(used, (each) => each.landedMinorPerKg)
      : cheapest(judged, (each) => each.drunkMinorPerKg);
  return { judged, best: judged.indexOf(best), allWaste: used.length === 0 };
}
