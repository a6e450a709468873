import { useLiveQuery } from 'dexie-react-hooks';
import { circumstancesOf, type ForecastQuestion } from '@/core/forecast';
import { coolsForS, type Gear, usualGramsOf } from '@/core/gear';
import type { Result } from '@/core/issues';
import {
  type Amount,
  type BatchPlan,
  estimateLoss,
  type LossEstimate,
  type ProposedRule,
  parseAmount,
  proposedRule,
  type RoastDay,
} from '@/core/plan';
import { pulledMs, type Roast } from '@/core/roast';
import { MINUTE_MS } from '@/core/units';
import { database } from '@/store/current';
import type { GearRecords } from '@/store/gearRecords';
import type { LotStock } from '@/store/larder';
import { lastRoastOfLot } from '@/store/queries';
import { amountBasis } from '@/ui/amountBasis';
import { useHousehold } from '@/ui/useHousehold';
import { amountOf, batchesFor, fixedGrams } from './amount';
import type { Choices } from './useChoices';

/** What has to be known before the beans can go in; what they will be like is foreseen later (useForeseen.ts). */
export interface Planned {
  readonly gear: Gear;
  readonly stock: LotStock;
  /** What was typed, as it was understood, or what is wrong with it. */
  readonly amount: Result<Amount>;
  readonly proposed: ProposedRule;
  /** Green of the earlier roasts on the gear, newest first, grams. */
  readonly earlierGreenGrams: readonly number[];
  /** Undefined while there is no amount. */
  readonly batches: BatchPlan | undefined;
  readonly loss: LossEstimate;
  /** What the forecast is asked. */
  readonly question: ForecastQuestion;
  readonly lastOfLot: Roast | undefined;
  /** The gear has not cooled since its last roast: minutes to go. */
  readonly hotForMin: number;
  readonly ambientC: number | undefined;
  readonly wind: Roast['wind'];
}

/** Reads the journal for what it says of this gear and lot, and plans with it. Undefined until it was read. */
export function usePlanned(
  choices: Choices,
  gear: readonly Gear[],
  lots: readonly LotStock[],
  records: GearRecords,
  /** Whose weather it is. */
  day: RoastDay,
): Planned | undefined {
  const { gearId, lotId, shade, rule } = choices;
  const household = useHousehold();
  const known = useLiveQuery(async () => ({ lastOfLot: await lastRoastOfLot(database(), lotId) }), [lotId]);
  const itsGear = gear.find((each) => each.id === gearId);
  const stock = lots.find((each) => each.lot.id === lotId);
  if (!known || !itsGear || !stock) return undefined;
  const loss = estimateLoss({ gearId, lotId, shade, moisturePercent: stock.lot.moisturePercent }, records.losses);
  const fixed = fixedGrams(choices.amountKind, {
    leftGrams: stock.leftGrams,
    lastGrams: known.lastOfLot?.greenGrams,
  });
  const amount: Result<Amount> =
    fixed === undefined
      ? parseAmount(
          choices.amountText,
          amountBasis(household, {
            of: amountOf(choices.amountKind),
            lot: stock.lot,
            shade,
            jarGrams: usualGramsOf(itsGear) * (1 - loss.meanPercent / 100),
          }),
        )
      : { ok: true, value: { grams: fixed, of: 'green', understood: undefined } };
  const hotForMin = hotMinutes(itsGear, records.last);
  const outdoors = choices.place === 'outdoors';
  const [ambientC, wind] = outdoors ? [day.ambientC, day.wind] : [undefined, undefined];
  const batches = amount.ok ? batchesFor(choices.amountKind, amount.value, itsGear, loss) : undefined;
  const pulled = records.last && pulledMs(records.last);
  const question = {
    ...circumstancesOf(
      {
        lotId: stock.lot.id,
        gearId: itsGear.id,
        greenGrams: batches?.greenGramsEach ?? usualGramsOf(itsGear),
        wantedShade: shade,
        ambientC,
        wind,
        gearHot: hotForMin > 0 ? true : undefined,
        plannedMoves: [...choices.moves],
      },
      stock.lot,
      itsGear,
    ),
    // To the minute, so that the question is not asked anew all the time.
    sinceMin: pulled === undefined ? undefined : Math.round((Date.now() - pulled) / MINUTE_MS),
    rule,
  };
  return {
    gear: itsGear,
    stock,
    amount,
    batches,
    loss,
    earlierGreenGrams: records.greenGrams,
    proposed: proposedRule(itsGear, shade, records.pulls, rule.kind),
    question,
    lastOfLot: known.lastOfLot,
    hotForMin,
    ambientC,
    wind,
  };
}

function hotMinutes(gear: Gear, last: Roast | undefined): number {
  const pulled = last && pulledMs(last);
  return pulled === undefined ? 0 : coolsForS(gear, pulled, Date.now()) / 60;
}
