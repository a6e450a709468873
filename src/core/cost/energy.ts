import type { Gear } from '../gear/index.ts';

/**
 * Electricity of one roast, kWh: power × the time from the preheat that the gear needs to the pull; undefined where the
 * power is not known. Gas is not counted. Source: handbook, section 11.
 */
export function roastKwh(
  { watts, preheatMin = 0 }: Pick<Gear, 'watts' | 'preheatMin'>,
  pullS: number,
): number | undefined {
  return watts === undefined ? undefined : (watts / 1000) * ((preheatMin * 60 + pullS) / 3600);
}
