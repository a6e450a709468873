import { useEffect, useMemo, useState } from 'react';
import { circumstancesAt, type Expectation, expectationFor, type PastRoast, sinceMinOf } from '@/core/forecast';
import type { GearReminder } from '@/core/gear';
import { type LearnedProbe, ownFirstCrackC, readingAt } from '@/core/heat';
import { liveEntries } from '@/core/roast';
import { database } from '@/store/current';
import { roastHistory } from '@/store/history';
import type { NamedRoast } from '@/store/queries';
import { probeLogs } from '@/store/readings';

/** What the record says of a roast under way; read once, since earlier roasts do not change while this one is on the heat. */
export interface Known {
  readonly expectation: Expectation;
  /** The gear's own reading at first crack, °C. */
  readonly ownC: number | undefined;
  /** What its probe has earned to say of the time left to first crack. */
  readonly probe: LearnedProbe | undefined;
  /** What the question that it is to answer asks for at the heat. */
  readonly asked: GearReminder | undefined;
}

const LEARNED_AFTER_MS = 2000;

export function useKnown({ roast, lot, gear }: NamedRoast): Known {
  const [past, setPast] = useState<readonly PastRoast[]>([]);
  const [asked, setAsked] = useState<GearReminder>();
  const [ofProbe, setOfProbe] = useState<Pick<Known, 'ownC' | 'probe'>>({ ownC: undefined, probe: undefined });
  useEffect(() => {
    let current = true;
    // Few roasts have a question: its words are fetched behind all else.
    void import('@/store/askedOf')
      .then(({ askedOf }) => askedOf(database(), roast.id, roast.gearId))
      .then((found) => current && setAsked(found));
    void roastHistory(database(), roast.id).then((found) => current && setPast(found));
    void probeLogs(database(), roast.gearId, roast.id).then((logs) => {
      const cracks = logs.flatMap((log) => readingAt(log.readings, log.firstCrackS) ?? []);
      if (current) setOfProbe({ ownC: ownFirstCrackC(cracks), probe: undefined });
      // It has nothing to say in the first minutes, and thousands of readings are gone through: behind all else.
      setTimeout(async () => {
        const { learnProbe } = await import('@/core/probe');
        if (current) setOfProbe({ ownC: ownFirstCrackC(cracks), probe: learnProbe(logs) });
      }, LEARNED_AFTER_MS);
    });
    return () => {
      current = false;
    };
  }, [roast.id, roast.gearId]);
  // Only what is set in the first minute changes them: the rest of the log may grow without learning anew.
  const circumstances = circumstancesAt(roast, liveEntries(roast.entries), lot, gear);
  const sinceMin = roast.chargedAt ? sinceMinOf(roast.gearId, Date.parse(roast.chargedAt), past) : undefined;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the facts of a roast under way are fixed but for its heat
  const expectation = useMemo(
    () => expectationFor({ ...circumstances, sinceMin, rule: roast.pullRule }, past),
    [roast.id, past, gear, lot, circumstances.heat, sinceMin],
  );
  return { expectation, asked, ...ofProbe };
}
