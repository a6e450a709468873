export { type BuyingAnswer, bestOffer, homePrice, type Offer } from './buying.ts';
export { roastKwh } from './energy.ts';
export { landedByLot, landedMinorPerKg, landedOfPacks } from './landed.ts';
export { type Payback, payback } from './payback.ts';
export { parsePrice, priceGrams, pricePer } from './price.ts';
export { type MoneySoFar, moneySoFar, type RoastMoney } from './soFar.ts';
