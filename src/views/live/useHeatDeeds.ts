import type { Deed, PullDue, Telling } from '@/core/heat';
import { EARLIER_S, type EntryDraft, heatS, type LiveEntry, lastDone, type Roast } from '@/core/roast';
import { chargeRoast, logEntry, moveCharge, moveChargeBack, unchargeRoast, undoLast } from '@/store/atTheHeat';
import { database } from '@/store/current';
import { useSteadyCallback } from '@/ui/useSteady';
import type { RoastClock } from './useRoastClock';

/** What a press at the heat does. */
export interface HeatDeeds {
  /** The moment of a press, seconds on the roast's clock. */
  readonly pressedS: () => number;
  readonly log: (draft: EntryDraft, atS?: number, source?: 'hand' | 'tap') => Promise<unknown>;
  readonly tapCrack: () => Promise<unknown>;
  /** Beans out: a part of a staged pull, or all that is left. */
  readonly pull: (part: PullDue | undefined, atS?: number) => Promise<unknown>;
  /** Beans in, now or at another wall-clock moment, ms. */
  readonly charge: (atMs?: number) => Promise<unknown>;
  readonly undo: () => Promise<unknown>;
  /** What was pressed last happened five seconds earlier. */
  readonly earlier: (late: LiveEntry | 'charge' | undefined) => Promise<unknown>;
  /** Does what an answer says; `screen` deeds are the screen's own. */
  readonly answer: (telling: Telling, deed: Deed) => Promise<void>;
}

/** The deeds of a roast; each is one function for the life of the screen. */
export function useHeatDeeds(
  roast: Roast,
  clock: RoastClock,
  crackAt: (atS: number) => 'first' | 'second',
  putOff: (telling: Telling, weight: number) => void,
): HeatDeeds {
  const pressedS = useSteadyCallback(() => clock.now() ?? heatS(roast, Date.now()));
  const log = useSteadyCallback((draft: EntryDraft, atS: number = pressedS(), source?: 'hand' | 'tap') =>
    logEntry(database(), roast.id, draft, atS, source),
  );
  const tapCrack = useSteadyCallback(() => {
    const atS = pressedS();
    return log({ kind: 'crack', crack: crackAt(atS) }, atS, 'tap');
  });
  const pull = useSteadyCallback((part: PullDue | undefined, atS?: number) =>
    log(part ? { kind: 'pull', all: false, shade: part.shade } : { kind: 'pull', all: true }, atS),
  );
  const charge = useSteadyCallback((atMs: number = Date.now()) => chargeRoast(database(), roast.id, atMs));
  const undo = useSteadyCallback(async () => {
    const last = lastDone(roast);
    if (last === 'charge' && roast.chargedAt) return unchargeRoast(database(), roast.id, roast.chargedAt);
    if (last === 'movedCharge' && roast.chargedAt && roast.chargePressedAt)
      return moveChargeBack(database(), roast.id, roast.chargedAt, roast.chargePressedAt);
    return undoLast(database(), roast.id, pressedS());
  });
  const earlier = useSteadyCallback(async (late: LiveEntry | 'charge' | undefined) => {
    if (late === 'charge' && roast.chargedAt) return moveCharge(database(), roast.id, roast.chargedAt, -EARLIER_S);
    if (late && late !== 'charge')
      await log({ kind: 'amend', target: late.id, happenedAt: Math.round((late.at - EARLIER_S) * 100) / 100 });
  });
  const answer = useSteadyCallback(async (telling: Telling, deed: Deed) => {
    if (deed.kind === 'putOff') putOff(telling, deed.weight);
    if (deed.kind === 'log') for (const { draft, atS } of deed.lines) await log(draft, atS ?? pressedS());
  });
  return { pressedS, log, tapCrack, pull, charge, undo, earlier, answer };
}
