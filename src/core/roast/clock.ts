import type { Roast } from './roast.ts';

/** Seconds since charge at `nowMs` (Unix milliseconds), the device's clock jumps taken off; absent while preheating. */
export function elapsedS(roast: Pick<Roast, 'chargedAt' | 'clockShiftMs'>, nowMs: number): number | undefined {
  return roast.chargedAt === undefined ? undefined : (nowMs - Date.parse(roast.chargedAt) - roast.clockShiftMs) / 1000;
}

/** The moment `atS` seconds after charge by the device's clock as it is set now, Unix milliseconds; absent while preheating. */
export function momentMs(roast: Pick<Roast, 'chargedAt' | 'clockShiftMs'>, atS: number): number | undefined {
  return roast.chargedAt === undefined ? undefined : Date.parse(roast.chargedAt) + roast.clockShiftMs + atS * 1000;
}

/** Seconds on the clock of the roast screen: since charge, and before it since the preheat began. */
export function heatS(
  roast: Pick<Roast, 'chargedAt' | 'clockShiftMs' | 'preheatedAt' | 'createdAt'>,
  nowMs: number,
): number {
  return elapsedS(roast, nowMs) ?? (nowMs - Date.parse(roast.preheatedAt ?? roast.createdAt)) / 1000;
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
