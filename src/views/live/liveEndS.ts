import type { LiveRoastModel } from './useLiveRoast';

/** The edge of the drawing is moved in steps, so that it does not creep. */
const STEP_S = 30;

/** The time at the right edge of the live ribbon and of the curve under it, seconds from charge. */
export function liveEndS({ reached, forecasts, nowS, guide }: LiveRoastModel): number {
  if (reached.pull !== undefined) return reached.pull;
  const expectedEnd = (forecasts.find(({ milestone }) => milestone === 'pull')?.medianS ?? 0) * 1.1;
  return Math.ceil(Math.max(expectedEnd, nowS + STEP_S, guide?.toS ?? 0) / STEP_S) * STEP_S;
}
