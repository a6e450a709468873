import { useEffect, useRef, useState } from 'react';
import { type ClockDoubt, clockDoubt, elapsedS, type Roast } from '@/core/roast';
import { clockSpeed, database } from '@/store/current';
import { correctClock, shiftClock } from '@/store/roasting';
import { useLatest } from '@/ui/useSteady';

/** The clock of a roast. */
export interface RoastClock {
  /** Seconds since charge at this very moment; undefined while preheating. For stamping a press. */
  readonly now: () => number | undefined;
  /** The same, as last painted; renewed at every whole second. */
  readonly shownS: number | undefined;
  /** How far the device's clock had jumped when it was last put right, milliseconds; 0 if it never was. */
  readonly correctedMs: number;
  /** Why it is doubted since the page came back; undefined when it is not. */
  readonly doubt: ClockDoubt | undefined;
}

interface Anchor {
  readonly basis: string;
  readonly steadyMs: number;
  readonly elapsedMs: number;
}

/**
 * Elapsed time from the charge's wall-clock time, carried on by a clock that cannot be set. While the page is in sight
 * the two must agree: when they do not, somebody set the device's clock, and the jump is taken out. A page that was
 * hidden trusts the device again, since the steady clock may have slept with it, unless time went backwards.
 */
export function useRoastClock(roast: Roast): RoastClock {
  const basis = `${roast.chargedAt}/${roast.clockShiftMs}`;
  const [kept, setAnchor] = useState(() => anchorOf(roast, basis));
  const anchor = kept.basis === basis ? kept : anchorOf(roast, basis);
  if (anchor !== kept) setAnchor(anchor);
  const latest = useLatest(anchor);
  const lookedBack = useRef(false);
  const [, repaint] = useState(0);
  const [correctedMs, setCorrectedMs] = useState(0);
  const [doubt, setDoubt] = useState<ClockDoubt>();

  const since = ({ elapsedMs, steadyMs }: Anchor) =>
    roast.chargedAt ? (elapsedMs + (performance.now() - steadyMs) * clockSpeed()) / 1000 : undefined;
  const now = () => since(latest.current);

  // biome-ignore lint/correctness/useExhaustiveDependencies: the basis stands for the parts of the roast that are read
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    let current = true;
    const steadyMs = () => (now() ?? 0) * 1000;
    const check = async () => {
      const by = await correctClock(database(), roast.id, steadyMs).catch(() => 0);
      if (current && by !== 0) setCorrectedMs(by);
    };
    const lookBack = (steadyElapsedMs?: number) => {
      const found = clockDoubt(roast, Date.now(), steadyElapsedMs);
      if (!found) return;
      setDoubt(found);
      // Time does not run backwards: it goes on from what was recorded last, and asks how much more it has been.
      if (found.kind === 'behind') void shiftClock(database(), roast.id, found.byMs).catch(() => undefined);
    };
    const tick = () => {
      const drift = Math.abs(byDeviceMs(roast) - steadyMs());
      if (roast.chargedAt && document.visibilityState === 'visible' && drift > 2000 && clockSpeed() === 1) void check();
      repaint((count) => count + 1);
      const elapsed = now() ?? Date.now() / 1000;
      timer = setTimeout(
        tick,
        Math.max(
          clockSpeed() === 1 ? 0 : LEAST_TICK_MS,
          ((Math.floor(elapsed) + 1 - elapsed) * 1000) / clockSpeed() + 5,
        ),
      );
    };
    const back = () => {
      if (document.visibilityState !== 'visible') return;
      if (clockSpeed() === 1) lookBack(steadyMs());
      if (byDeviceMs(roast) < steadyMs() - 2000 && clockSpeed() === 1) void check();
      else setAnchor(anchorOf(roast, basis));
      repaint((count) => count + 1);
    };
    if (clockSpeed() === 1 && !lookedBack.current) lookBack();
    lookedBack.current = true;
    tick();
    document.addEventListener('visibilitychange', back);
    window.addEventListener('pageshow', back);
    return () => {
      current = false;
      clearTimeout(timer);
      document.removeEventListener('visibilitychange', back);
      window.removeEventListener('pageshow', back);
    };
  }, [roast.id, basis]);

  return { now, shownS: since(anchor), correctedMs, doubt };
}

function anchorOf(roast: Roast, basis: string): Anchor {
  return { basis, steadyMs: performance.now(), elapsedMs: byDeviceMs(roast) };
}

/** Milliseconds of roast since charge by the device's clock. */
function byDeviceMs(roast: Roast): number {
  return (elapsedS(roast, Date.now()) ?? 0) * 1000 * clockSpeed();
}

/** A practice clock at thirty times the pace is not painted thirty times a second. */
const LEAST_TICK_MS = 120;
