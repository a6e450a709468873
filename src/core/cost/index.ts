export { type BuyingAnswer, type BuyingQuestion, bestOffer, type Offer, type OfferJudged } from './buying.ts';
export { roastKwh } from './energy.ts';
export {
  energyMinorPerKg,
  type HomeCost,
  homeMinorPerKg,
  landedMinorPerKg,
  landedOfPacks,
  type Payback,
  payback,
} from './money.ts';
export { parsePrice, priceGrams, pricePer } from './price.ts';
export { type MoneySoFar, moneySoFar, type RoastMoney } from './soFar.ts';
