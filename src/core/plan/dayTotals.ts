import { sum } from 'd3-array';
import { roastKwh } from '../cost/index.ts';
import type { Gear } from '../gear/index.ts';
import { momentMs, pulledMs, type Roast, roastedGrams } from '../roast/index.ts';

/** What a roast day came to. */
export interface DayTotals {
  readonly batches: number;
  readonly greenGrams: number;
  /** Roasted and weighed; batches that were not weighed yet are left out, and counted in `unweighed`. */
  readonly roastedGrams: number;
  readonly unweighed: number;
  /** From the first beans in to the last beans out, seconds. */
  readonly tookS: number;
  /** By gear whose power is known, kWh; undefined when there is none. Gas is not counted. */
  readonly kwh: number | undefined;
}

/** Weighs up what was roasted on a day; undefined while nothing is out. */
export function dayTotals(
  roasts: readonly Roast[],
  gear: readonly Pick<Gear, 'id' | 'watts' | 'preheatMin'>[],
): DayTotals | undefined {
  const out = roasts.flatMap((roast) => {
    const [from, to] = [momentMs(roast, 0), pulledMs(roast)];
    return from === undefined || to === undefined ? [] : [{ roast, from, to, grams: roastedGrams(roast) }];
  });
  if (out.length === 0) return undefined;
  const powered = out.flatMap(({ roast, from, to }) => {
    const itsGear = gear.find(({ id }) => id === roast.gearId);
    return (itsGear && roastKwh(itsGear, (to - from) / 1000)) ?? [];
  });
  return {
    batches: out.length,
    greenGrams: sum(out, ({ roast }) => roast.greenGrams),
    roastedGrams: sum(out, ({ grams }) => grams ?? 0),
    unweighed: out.filter(({ grams }) => grams === undefined).length,
    tookS: (Math.max(...out.map(({ to }) => to)) - Math.min(...out.map(({ from }) => from))) / 1000,
    kwh: powered.length > 0 ? sum(powered) : undefined,
  };
}
