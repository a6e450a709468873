import { gramsADay, type Household, mugGrams } from '@/core/household';
import type { AmountBasis } from '@/core/plan';

/** What amounts and use are reckoned with in this household; the rest is the beans' and the gear's. */
export function amountBasis(
  household: Household,
  rest: Pick<AmountBasis, 'of' | 'lot' | 'shade' | 'jarGrams'>,
): AmountBasis {
  return {
    ...rest,
    unit: household.weightUnit,
    mugGrams: mugGrams(household),
    dayGrams: gramsADay(household),
    nowMs: Date.now(),
  };
}
