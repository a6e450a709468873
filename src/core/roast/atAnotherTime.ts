import type { Roast } from './roast.ts';

/**
 * What changes in a roast that began at another moment, `beganMs`: its charge, or its set-up while it is preheating. The
 * preheat moves along; the log, which counts from the charge, stays. Throws RangeError for a moment that is none.
 */
export function atAnotherTime(
  roast: Roast,
  beganMs: number,
): Pick<Roast, 'createdAt'> & Partial<Pick<Roast, 'chargedAt' | 'chargePressedAt' | 'preheatedAt'>> {
  if (!Number.isFinite(beganMs)) throw new RangeError(`beganMs must be a moment, got ${beganMs}`);
  const byMs = beganMs - Date.parse(roast.chargedAt ?? roast.createdAt);
  const moved = (iso: string) => new Date(Date.parse(iso) + byMs).toISOString();
  return {
    createdAt: moved(roast.createdAt),
    ...(roast.chargedAt ? { chargedAt: moved(roast.chargedAt) } : {}),
    ...(roast.chargePressedAt ? { chargePressedAt: moved(roast.chargePressedAt) } : {}),
    ...(roast.preheatedAt ? { preheatedAt: moved(roast.preheatedAt) } : {}),
  };
}
