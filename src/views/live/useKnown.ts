import { useEffect, useMemo, useState } from 'react';
import { circumstancesOf, type Expectation, expectationFor, type PastRoast } from '@/core/forecast';
import { ownFirstCrackC } from '@/core/heat';
import { database } from '@/store/current';
import { roastHistory } from '@/store/history';
import type { NamedRoast } from '@/store/queries';
import { firstCrackReadings } from '@/store/readings';

/** What the record says of a roast under way; read once, since earlier roasts do not change while this one is on the heat. */
export interface Known {
  readonly expectation: Expectation;
  /** The gear's own reading at first crack, °C. */
  readonly ownC: number | undefined;
}

export function useKnown({ roast, lot, gear }: NamedRoast): Known {
  const [past, setPast] = useState<readonly PastRoast[]>([]);
  const [ownC, setOwnC] = useState<number>();
  useEffect(() => {
    let current = true;
    void roastHistory(database(), roast.id).then((found) => current && setPast(found));
    void firstCrackReadings(database(), roast.gearId, roast.id).then((all) => current && setOwnC(ownFirstCrackC(all)));
    return () => {
      current = false;
    };
  }, [roast.id, roast.gearId]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the facts of a roast under way are fixed; only its log grows
  const expectation = useMemo(
    () => expectationFor({ ...circumstancesOf(roast, lot, gear), rule: roast.pullRule }, past),
    [roast.id, past, gear, lot],
  );
  return { expectation, ownC };
}
