import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useMemo, useState } from 'react';
import { circumstancesOf, expectationFor, type PastRoast } from '@/core/forecast';
import type { Gear } from '@/core/gear';
import {
  type BatchRow,
  type DayFacts,
  type DayPlan,
  dayPlan,
  daysWork,
  type RoastDay,
  type Schedule,
} from '@/core/plan';
import { database } from '@/store/current';
import { roastHistory } from '@/store/history';
import type { LotStock } from '@/store/larder';
import { searchBestOrder } from '@/workers/planner/client';

export interface DayData {
  readonly day: RoastDay | undefined;
  readonly rows: readonly BatchRow[];
  readonly gear: readonly Gear[];
  readonly lots: readonly LotStock[];
  /** It is the day that is roasted now. */
  readonly isOn: boolean;
}

/** The day as it stands at `nowMs`; undefined until the household's record is read. */
export function useDayPlan(date: string | undefined, data: DayData | undefined, nowMs: number): DayPlan | undefined {
  const durations = useDurations(data);
  const facts = date !== undefined && data && durations ? { ...data, date, durations, nowMs } : undefined;
  const better = useBetter(facts);
  return facts && dayPlan(facts, better);
}

/** How long each batch takes, seconds, by the household's own record; fitted when that or the day changes, not with the clock. */
function useDurations(data: DayData | undefined): ReadonlyMap<string, number> | undefined {
  const past = useLiveQuery(() => roastHistory(database()), []);
  return useMemo(
    () => data && past && new Map(data.rows.map(({ batch }) => [batch.id as string, roastSeconds(batch, data, past)])),
    [data, past],
  );
}

function roastSeconds(batch: RoastDay['batches'][number], data: DayData, past: readonly PastRoast[]): number {
  const itsGear = data.gear.find(({ id }) => id === batch.gearId);
  const lot = data.lots.find((each) => each.lot.id === batch.lotId)?.lot;
  const { ambientC, wind } = data.day ?? {};
  const outdoors = itsGear?.place === 'outdoors' ? { ambientC, wind } : {};
  const facts = {
    ...batch,
    wantedShade: batch.shade,
    gearHot: batch.hotStart,
    plannedMoves: undefined,
    ...{ ambientC: undefined, wind: undefined },
    ...outdoors,
  };
  return expectationFor(circumstancesOf(facts, lot, itsGear), past).usualTimes.pull.medianS;
}

/** The best order of what is to come, looked for in a worker whenever the batches or the standing change. */
function useBetter(facts: DayFacts | undefined): Schedule | undefined {
  const [found, setFound] = useState<{ readonly key: string; readonly schedule: Schedule }>();
  const work = facts && daysWork(facts);
  const key = JSON.stringify(work);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key stands for the work, which is new at each render
  useEffect(() => {
    if (!work || work.jobs.length < 2) return;
    const search = searchBestOrder(work.jobs, work.standing);
    let current = true;
    // Without an answer the order as it stands is kept; it is valid, only perhaps not the shortest.
    search.result.then((schedule) => current && setFound({ key, schedule })).catch(() => undefined);
    return () => {
      current = false;
      search.cancel();
    };
  }, [key]);
  return found && found.key === key ? found.schedule : undefined;
}
