import type { Roast } from './roast.ts';

/** Seconds since charge at `nowMs` (Unix milliseconds), the device's clock jumps taken off; absent while preheating. */
export function elapsedS(roast: Pick<Roast, 'chargedAt' | 'clockShiftMs'>, nowMs: number): number | undefined {
  return roast.chargedAt === undefined ? undefined : (nowMs - Date.parse(roast.chargedAt) - roast.clockShiftMs) / 1000;
}

/** The moment `atS` seconds after charge by the device's clock as it is set now, Unix milliseconds; absent while preheating. */
export function momentMs(roast: Pick<Roast, 'chargedAt' | 'clockShiftMs'>, atS: number): number | undefined {
  return roast.chargedAt === undefined ? undefined : Date.parse(roast.chargedAt) + roast.clockShiftMs + atS * 1000;
}

/** From when the clock of the roast screen counts, UTC: the charge, and before it the beginning of the preheat. */
export const clockBeganAt = (roast: Pick<Roast, 'chargedAt' | 'preheatedAt' | 'createdAt'>): string =>
  roast.chargedAt ?? roast.preheatedAt ?? roast.createdAt;

/** Seconds on the clock of the roast screen. */
export function heatS(
  roast: Pick<Roast, 'chargedAt' | 'clockShiftMs' | 'preheatedAt' | 'createdAt'>,
  nowMs: number,
): number {
  return elapsedS(roast, nowMs) ?? (nowMs - Date.parse(clockBeganAt(roast))) / 1000;
}

/** How long the gear was heated before the beans went in, seconds; 0 without a preheat or before the charge. */
export function preheatS(roast: Pick<Roast, 'chargedAt' | 'preheatedAt'>): number {
  if (!roast.chargedAt || !roast.preheatedAt) return 0;
  return (Date.parse(roast.chargedAt) - Date.parse(roast.preheatedAt)) / 1000;
}

/** A jump of the device's clock smaller than this is drift and left alone, milliseconds. */
const LEAST_JUMP_MS = 2000;

/**
 * How far the device's clock stands from a steady one, milliseconds: what to add to `clockShiftMs`. Zero within 2 s.
 * `steadyElapsedMs` is the time since charge by a clock that cannot be set.
 */
export function clockJumpMs(
  roast: Pick<Roast, 'chargedAt' | 'clockShiftMs'>,
  nowMs: number,
  steadyElapsedMs: number,
): number {
  const byDevice = elapsedS(roast, nowMs);
  if (byDevice === undefined) return 0;
  const jump = byDevice * 1000 - steadyElapsedMs;
  return Math.abs(jump) < LEAST_JUMP_MS ? 0 : jump;
}

/** How a roast's clock came to be doubted: it stands before what was recorded, or leapt while nobody looked. */
export type ClockDoubt =
  | { readonly kind: 'behind'; readonly byMs: number }
  | { readonly kind: 'leapt'; readonly byMs: number };

/** A gap in the steady clock longer than a kettle's boil is asked about, milliseconds: a device may have slept, or been set. */
const LEAST_LEAP_MS = 300_000;

/**
 * What to ask about the clock when the page comes back. `steadyElapsedMs` is the time since charge by a clock that cannot be
 * set, where the page was only out of sight; undefined after a restart. `byMs` is what counting on would take off the clock.
 */
export function clockDoubt(
  roast: Pick<Roast, 'chargedAt' | 'clockShiftMs' | 'entries'>,
  nowMs: number,
  steadyElapsedMs?: number,
): ClockDoubt | undefined {
  const elapsed = elapsedS(roast, nowMs);
  if (elapsed === undefined) return undefined;
  if (steadyElapsedMs !== undefined) {
    const leapMs = elapsed * 1000 - steadyElapsedMs;
    return leapMs > LEAST_LEAP_MS ? { kind: 'leapt', byMs: leapMs } : undefined;
  }
  const lastS = roast.entries.reduce((last, { at }) => Math.max(last, at), 0);
  const behindMs = (elapsed - lastS) * 1000;
  return behindMs < -LEAST_JUMP_MS ? { kind: 'behind', byMs: behindMs } : undefined;
}
