import type { Roast } from './roast.ts';

/** Seconds since charge at `nowMs` (Unix milliseconds), the device's clock jumps taken off; absent while preheating. */
export function elapsedS(roast: Pick<Roast, 'chargedAt' | 'clockShiftMs'>, nowMs: number): number | undefined {
  return roast.chargedAt === undefined ? undefined : (nowMs - Date.parse(roast.chargedAt) - roast.clockShiftMs) / 1000;
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
