import { landedMinorPerKg } from './landed.ts';

/** A pack on offer: green grams and what it costs, minor units. */
export interface Offer {
  readonly grams: number;
  readonly priceMinor: number;
  readonly carriageMinor: number;
}

/** What a purchase is reckoned from. */
export interface BuyingQuestion {
  readonly offers: readonly Offer[];
  /** Roasted coffee used a day by the household, grams. */
  readonly gramsPerDay: number;
  readonly lossPercent: number;
  /** How long green keeps as this household stores it, days. */
  readonly keepsDays: number;
  /** Green there already, grams: it is used first, while what is bought now grows old. */
  readonly stockGrams?: number | undefined;
}

/** What an offer comes to for this household. */
interface OfferJudged {
  readonly offer: Offer;
  readonly landedMinorPerKg: number;
  /** For a roasted kilogram that is drunk: what goes stale is paid for and thrown away; Infinity where all of it would. */
  readonly drunkMinorPerKg: number;
  readonly lastsDays: number;
  /** Green that is not used before it is old, grams. */
  readonly wastedGrams: number;
}

/** What a kilogram of an offer comes to once it is roasted and drunk at home, minor units; Infinity where none of it is drunk. */
interface HomePrice {
  readonly minorPerKg: number;
  readonly mugMinor: number;
  /** Against the shop, below 0 dearer; undefined without its price. */
  readonly savesMinorPerKg: number | undefined;
}

/** The price at home of an offer: what is drunk of it, the energy to roast it, a mug of it, and the shop's beside it. */
export function homePrice(
  { drunkMinorPerKg }: Pick<OfferJudged, 'drunkMinorPerKg'>,
  basis: {
    readonly energyMinorPerKg?: number | undefined;
    readonly gramsAMug: number;
    readonly shopMinorPerKg?: number | undefined;
  },
): HomePrice {
  const minorPerKg = drunkMinorPerKg + (basis.energyMinorPerKg ?? 0);
  return {
    minorPerKg,
    mugMinor: (minorPerKg * basis.gramsAMug) / 1000,
    savesMinorPerKg: basis.shopMinorPerKg === undefined ? undefined : basis.shopMinorPerKg - minorPerKg,
  };
}

/** What a purchase comes to. */
export interface BuyingAnswer {
  /** In the order of the offers. */
  readonly judged: readonly OfferJudged[];
  /** Index of the cheapest that is used before it goes stale; of the least wasteful price when none is. */
  readonly best: number;
  /** Every offer outlasts its beans. */
  readonly allWaste: boolean;
  /** Index of an offer that is cheaper still by what is drunk of it, though part of it goes stale. */
  readonly cheaperWithWaste: number | undefined;
  /** For how long the green that is there lasts, days. */
  readonly stockDays: number;
}

/**
 * Price breaks judged by use (handbook, section 11): the biggest pack is the best only if it is used before the green
 * goes stale. Throws RangeError without offers.
 */
export function bestOffer({
  offers,
  gramsPerDay,
  lossPercent,
  keepsDays,
  stockGrams = 0,
}: BuyingQuestion): BuyingAnswer {
  if (offers.length === 0) throw new RangeError('offers must hold one offer at least, got none');
  const greenPerDay = gramsPerDay / (1 - lossPercent / 100);
  const stockDays = stockGrams / greenPerDay;
  const judged = offers.map((offer): OfferJudged => {
    const usedGrams = Math.min(offer.grams, greenPerDay * Math.max(0, keepsDays - stockDays));
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
  const cheapestDrunk = cheapest(judged, (each) => each.drunkMinorPerKg);
  return {
    judged,
    best: judged.indexOf(best),
    allWaste: used.length === 0,
    cheaperWithWaste: cheapestDrunk.drunkMinorPerKg < best.drunkMinorPerKg ? judged.indexOf(cheapestDrunk) : undefined,
    stockDays,
  };
}
