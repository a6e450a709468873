export { type BuyingAnswer, type BuyingQuestion, bestOffer, type Offer, type OfferJudged } from './buying.ts';
export {
  energyMinorPerKg,
  type HomeCost,
  homeMinorPerKg,
  landedMinorPerKg,
  landedOfPacks,
  type Payback,
  payback,
} from './money.ts';
export { type MoneySoFar, moneySoFar, type RoastMoney } from './soFar.ts';
