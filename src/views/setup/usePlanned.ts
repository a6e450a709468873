import { useLiveQuery } from 'dexie-react-hooks';
import type { Lot } from '@/core/bean';
import { type Gear, methodOf } from '@/core/gear';
import { type BatchPlan, estimateLoss, type LossEstimate, planForGreen, planForRoasted } from '@/core/plan';
import type { ShadeNumber } from '@/core/shade';
import { database } from '@/store/current';
import { lossRecords } from '@/store/roasting';

/** What the amount in the sentence means. */
export type AmountKind = 'green' | 'roasted';

/** The batches and what they give, with the loss they are reckoned with. */
export interface Planned extends BatchPlan {
  readonly loss: LossEstimate;
}

/**
 * Works out the batches. An amount of green is one batch as typed; an amount to drink is split into as few equal
 * batches as the gear takes. Undefined until the journal was read, and while there is no weight.
 */
export function usePlanned(
  gear: Gear | undefined,
  lot: Lot | undefined,
  shade: ShadeNumber,
  amount: { readonly kind: AmountKind; readonly grams: number | undefined },
): Planned | undefined {
  const gearId = gear?.id;
  const records = useLiveQuery(() => (gearId ? lossRecords(database(), gearId) : []), [gearId]);
  if (!records || !gear || !lot || amount.grams === undefined) return undefined;
  const loss = estimateLoss({ gearId: gear.id, lotId: lot.id, shade, moisturePercent: lot.moisturePercent }, records);
  const plan =
    amount.kind === 'green'
      ? planForGreen(amount.grams, amount.grams, loss)
      : planForRoasted(amount.grams, methodOf(gear.method).batchGrams.most, loss);
  return { ...plan, loss };
}
