import { circumstancesOf, expectationFor } from '@/core/forecast';
import {
  guessShade,
  type LossRecord,
  type PullRecord,
  pullRecordOf,
  type ShadeGuess,
  type UsualLoss,
  usualLoss,
} from '@/core/plan';
import {
  believedMilestones,
  learntShade,
  liveEntries,
  lookOf,
  meantShade,
  pullsOf,
  type Roast,
  roastedGrams,
  shadeAsKnown,
} from '@/core/roast';
import { believableLoss, MEDIUM } from '@/core/shade';
import type { GanderDatabase } from './database.ts';
import { roastHistory } from './history.ts';
import { gearRoasts } from './roasting.ts';

/** Older roasts than so many say little about the gear as it is now. */
const MOST_ROASTS = 100;

/** What the earlier roasts on a piece of gear say for the next one on it. */
export interface GearRecords {
  readonly last: Roast | undefined;
  readonly losses: readonly LossRecord[];
  readonly pulls: readonly PullRecord[];
  /** Green of each, newest first, grams. */
  readonly greenGrams: readonly number[];
}

/** Reads them, newest first, without the roast `except`. Losses are of those that were weighed whole and whose shade was looked at. */
export async function gearRecords(db: GanderDatabase, gearId: string, except = ''): Promise<GearRecords> {
  const newest = await gearRoasts(db, gearId).limit(MOST_ROASTS).toArray();
  const roasts = newest.filter(({ id }) => id !== except);
  const lots = await db.lots.bulkGet([...new Set(roasts.map((roast) => roast.lotId))]);
  const moisture = new Map(lots.flatMap((lot) => (lot ? [[lot.id as string, lot.moisturePercent]] : [])));
  return {
    last: roasts[0],
    losses: roasts.flatMap((roast) => lossRecordOf(roast, gearId, moisture.get(roast.lotId))),
    pulls: roasts.flatMap((roast) => pullRecordOf(roast) ?? []),
    greenGrams: roasts.map((roast) => roast.greenGrams),
  };
}

/** What a roast could be expected to lose at its shade, by the other roasts on its gear. */
export async function usualLossOf(db: GanderDatabase, roast: Roast): Promise<UsualLoss> {
  const [{ losses }, lot] = await Promise.all([gearRecords(db, roast.gearId, roast.id), db.lots.get(roast.lotId)]);
  const { gearId, lotId } = roast;
  const shade = shadeAsKnown(roast);
  return usualLoss({ gearId, lotId, shade, moisturePercent: lot?.moisturePercent }, losses);
}

function lossRecordOf(roast: Roast, gearId: string, moisturePercent: number | undefined): LossRecord[] {
  const [loss, shade, pulls] = [lossOf(roast), learntShade(roast), pullsOf(roast)];
  const isGuess = lookOf(roast) === undefined && pulls[0]?.guessed;
  // A staged pull has several shades, so its loss speaks of none of them.
  if (loss === undefined || shade === undefined || pulls.length > 1) return [];
  return [{ gearId, lotId: roast.lotId, shade, moisturePercent, guessed: isGuess || undefined, lossPercent: loss }];
}

/** What shade a roast of one pull came out, as far as its loss, cracks and time let it be guessed. */
export async function shadeGuessOf(db: GanderDatabase, roast: Roast): Promise<ShadeGuess | undefined> {
  const [{ losses }, lot, gear, past] = await Promise.all([
    gearRecords(db, roast.gearId, roast.id),
    db.lots.get(roast.lotId),
    db.gear.get(roast.gearId),
    roastHistory(db, roast.id),
  ]);
  const { fits } = expectationFor(circumstancesOf(roast, lot, gear), past);
  return guessShade(
    {
      gearId: roast.gearId,
      lotId: roast.lotId,
      moisturePercent: lot?.moisturePercent,
      meant: meantShade(roast),
      lossPercent: lossOf(roast),
      reached: believedMilestones(liveEntries(roast.entries)),
      mediumAfterS: Math.exp(fits.predict('firstToPull', 0, MEDIUM).mean),
    },
    losses,
  );
}

const lossOf = (roast: Roast) => believableLoss(roast.greenGrams, roastedGrams(roast));
