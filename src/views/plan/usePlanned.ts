import { useLiveQuery } from 'dexie-react-hooks';
import { measuresOf } from '@/core/bean';
import {
  circumstancesOf,
  type Expectation,
  expectationFor,
  type Forecast,
  forecastFrom,
  type PastRoast,
} from '@/core/forecast';
import { coolDownMinOf, type Gear, usualGramsOf } from '@/core/gear';
import type { Result } from '@/core/issues';
import { type BatchPlan, estimateLoss, type LossEstimate } from '@/core/plan';
import { milestonesOfRoast, type Roast } from '@/core/roast';
import { parseWeight, type WeightUnit } from '@/core/units';
import { database } from '@/store/current';
import { dayOf, getDay } from '@/store/days';
import { roastHistory } from '@/store/history';
import type { LotStock } from '@/store/larder';
import { lastRoast, lastRoastOfLot } from '@/store/queries';
import { lossRecords } from '@/store/roasting';
import { batchesFor, fixedGrams } from './amount';
import type { Choices } from './useChoices';

/** Everything the plan knows and works out for the choices. */
export interface Planned {
  readonly gear: Gear;
  readonly stock: LotStock;
  /** The amount in grams, or what is wrong with what was typed. */
  readonly amount: Result<number>;
  /** Undefined while there is no amount. */
  readonly batches: BatchPlan | undefined;
  readonly loss: LossEstimate;
  /** The household's earlier roasts, newest first. */
  readonly past: readonly PastRoast[];
  readonly expectation: Expectation;
  readonly forecasts: readonly Forecast[];
  readonly lastOfLot: Roast | undefined;
  /** The gear has not cooled since its last roast: minutes to go. */
  readonly hotForMin: number;
  readonly ambientC: number | undefined;
  readonly wind: Roast['wind'];
}

const BATCH_RANGE = { leastGrams: 1, mostGrams: 100_000 };

/** Reads the journal for what it says of this gear and lot, and plans with it. Undefined until it was read. */
export function usePlanned(
  choices: Choices,
  gear: readonly Gear[],
  lots: readonly LotStock[],
  unit: WeightUnit,
): Planned | undefined {
  const { gearId, lotId, shade, rule } = choices;
  const known = useLiveQuery(async () => {
    const db = database();
    const [records, past, lastOnGear, lastOfLot, day] = await Promise.all([
      lossRecords(db, gearId),
      roastHistory(db),
      lastRoast(db, gearId),
      lastRoastOfLot(db, lotId),
      getDay(db, dayOf(new Date())),
    ]);
    return { records, past, lastOnGear, lastOfLot, day };
  }, [gearId, lotId]);
  const its = gear.find((each) => each.id === gearId);
  const stock = lots.find((each) => each.lot.id === lotId);
  if (!known || !its || !stock) return undefined;
  const loss = estimateLoss({ gearId, lotId, shade, moisturePercent: stock.lot.moisturePercent }, known.records);
  const fixed = fixedGrams(choices.amountKind, {
    leftGrams: stock.leftGrams,
    lastGrams: known.lastOfLot?.greenGrams,
  });
  const amount: Result<number> =
    fixed === undefined
      ? parseWeight(choices.amountText, unit, { range: BATCH_RANGE, extraGramsPer: measuresOf(stock.lot) })
      : { ok: true, value: fixed };
  const hotForMin = hotMinutes(its, known.lastOnGear);
  const outdoors = choices.place === 'outdoors';
  const [ambientC, wind] = outdoors ? [known.day?.ambientC, known.day?.wind] : [undefined, undefined];
  const batches = amount.ok ? batchesFor(choices.amountKind, amount.value, its, loss) : undefined;
  const question = {
    ...circumstancesOf(
      {
        lotId: stock.lot.id,
        gearId: its.id,
        greenGrams: batches?.greenGramsEach ?? usualGramsOf(its),
        wantedShade: shade,
        ambientC,
        wind,
        gearHot: hotForMin > 0 ? true : undefined,
        plannedMoves: [...choices.moves],
      },
      stock.lot,
      its,
    ),
    rule,
  };
  const expectation = expectationFor(question, known.past);
  return {
    gear: its,
    stock,
    amount,
    batches,
    past: known.past,
    loss,
    expectation,
    forecasts: forecastFrom(expectation, {}, 0),
    lastOfLot: known.lastOfLot,
    hotForMin,
    ambientC,
    wind,
  };
}

function hotMinutes(gear: Gear, last: Roast | undefined): number {
  const pullS = last && milestonesOfRoast(last).pull;
  if (!last?.chargedAt || pullS === undefined) return 0;
  const sinceMin = (Date.now() - Date.parse(last.chargedAt) - last.clockShiftMs) / 60_000 - pullS / 60;
  return Math.max(0, coolDownMinOf(gear) - sinceMin);
}
