import type { Lot } from '../bean/index.ts';
import type { Gear } from '../gear/index.ts';
import { MINUTE_MS } from '../units/index.ts';
import { pastRoastOf, type RoastTold } from './circumstances.ts';
import type { PastRoast } from './features.ts';

/**
 * Roasts as the forecast learns from them, in the order given; each knows how long before it the last one on its gear was
 * pulled. The one way from the journal to what is learned: the forecast and the findings both ask here.
 */
export function pastRoastsOf(
  roasts: readonly RoastTold[],
  lots: ReadonlyMap<string, Lot>,
  gear: ReadonlyMap<string, Gear>,
): PastRoast[] {
  const past = roasts.map((roast) => pastRoastOf(roast, lots.get(roast.lotId), gear.get(roast.gearId)));
  const chargedMs = roasts.map(({ chargedAt }) => (chargedAt === undefined ? Number.NaN : Date.parse(chargedAt)));
  const since = new Array<number | undefined>(past.length);
  const lastPullMs = new Map<string, number>();
  // Oldest first, so that one walk is enough for a journal of thousands.
  for (const i of past.map((_, index) => index).sort((a, b) => (chargedMs[a] as number) - (chargedMs[b] as number))) {
    const { gearId, pulledMs } = past[i] as PastRoast;
    since[i] = minutesBetween(lastPullMs.get(gearId), chargedMs[i] as number);
    if (pulledMs !== undefined) lastPullMs.set(gearId, pulledMs);
  }
  return past.map((roast, i) => (since[i] === undefined ? roast : { ...roast, sinceMin: since[i] }));
}

/** Minutes from the last pull on a piece of gear before `chargedMs` to then; undefined where none came before. */
export function sinceMinOf(
  gearId: string,
  chargedMs: number,
  past: readonly Pick<PastRoast, 'gearId' | 'pulledMs'>[],
): number | undefined {
  const pulls = past.flatMap((roast) =>
    roast.gearId === gearId && roast.pulledMs !== undefined && roast.pulledMs <= chargedMs ? [roast.pulledMs] : [],
  );
  return minutesBetween(pulls.length > 0 ? Math.max(...pulls) : undefined, chargedMs);
}

function minutesBetween(pulledMs: number | undefined, chargedMs: number): number | undefined {
  const minutes = pulledMs === undefined ? Number.NaN : (chargedMs - pulledMs) / MINUTE_MS;
  return minutes >= 0 ? minutes : undefined;
}
