import type { Entry } from './entry.ts';
import { liveEntries } from './liveEntries.ts';
import { milestonesOf } from './milestones.ts';
import type { Roast } from './roast.ts';
import { preheatS } from './roastClock.ts';
import { ENTRY_S, type Milestone } from './roastKinds.ts';

/**
 * The roast whose beans went in `byS` seconds later than its charge says (earlier where negative). Every line of the log keeps its
 * moment, and counts from there. When Beans in was pressed is remembered as long as the charge is another moment.
 */
export function movedCharge(roast: Roast, byS: number): Roast {
  const { chargedAt, chargePressedAt = chargedAt, ...rest } = roast;
  if (!chargedAt || byS === 0) return roast;
  const moved = new Date(Date.parse(chargedAt) + byS * 1000).toISOString();
  return {
    ...rest,
    chargedAt: moved,
    ...(moved === chargePressedAt ? {} : { chargePressedAt }),
    entries: entriesMovedBy(roast.entries, -byS),
  };
}

/** When Beans in was pressed, seconds from charge: 0 unless the charge was moved since. */
export function chargePressedS({ chargedAt, chargePressedAt }: Pick<Roast, 'chargedAt' | 'chargePressedAt'>): number {
  return chargedAt && chargePressedAt ? (Date.parse(chargePressedAt) - Date.parse(chargedAt)) / 1000 : 0;
}

type Pressed = Parameters<typeof chargePressedS>[0];

/** Seconds since the press of Beans in, which stays where it is, of a time from charge. */
export const fromPressS = (roast: Pressed, atS: number): number => atS - chargePressedS(roast);

/** Seconds from charge of a time since the press of Beans in. */
export const fromChargeS = (roast: Pressed, sincePressS: number): number => sincePressS + chargePressedS(roast);

/** Why the beans cannot have gone in `byS` seconds later than they did. */
type ChargeFault =
  | { readonly kind: 'notCharged' }
  /** The gear had been heating for so long only, seconds. */
  | { readonly kind: 'beforePreheat'; readonly preheatS: number }
  /** A milestone comes first. */
  | { readonly kind: 'afterMilestone'; readonly milestone: Milestone; readonly atS: number }
  /** A line of the log would lie further from the charge than any can. */
  | { readonly kind: 'outOfLog' };

/** What speaks against moving the charge by `byS` seconds; undefined where nothing does. */
export function chargeFault(roast: Roast, byS: number): ChargeFault | undefined {
  if (!roast.chargedAt) return { kind: 'notCharged' };
  if (roast.preheatedAt && byS < -preheatS(roast)) return { kind: 'beforePreheat', preheatS: preheatS(roast) };
  const reached = Object.entries(milestonesOf(liveEntries(roast.entries))) as [Milestone, number][];
  const [first] = reached.filter(([, atS]) => atS >= 0 && atS <= byS).sort(([, a], [, b]) => a - b);
  if (first) return { kind: 'afterMilestone', milestone: first[0], atS: first[1] };
  const times = entriesMovedBy(roast.entries, -byS).flatMap(({ at, pressedAt }) => [at, pressedAt]);
  return times.every((atS) => atS >= ENTRY_S.least && atS <= ENTRY_S.most) ? undefined : { kind: 'outOfLog' };
}

/** A log on a clock that began `seconds` earlier. */
export function entriesMovedBy(entries: readonly Entry[], seconds: number): Entry[] {
  const moved = (atS: number) => Math.round((atS + seconds) * 100) / 100;
  return entries.map((entry) => ({
    ...entry,
    at: moved(entry.at),
    pressedAt: moved(entry.pressedAt),
    ...('happenedAt' in entry && entry.happenedAt !== undefined ? { happenedAt: moved(entry.happenedAt) } : {}),
  }));
}
