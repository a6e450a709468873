import { expectationFor, type PullWish } from '@/core/forecast';
import { type Gear, type MethodId, methodOf } from '@/core/gear';
import { type HeatSituation, heatNow, nextWords, tellingsFor } from '@/core/heat';
import type { Id } from '@/core/ids';
import type { Entry, Roast } from '@/core/roast';
import { roastOf } from '../build.ts';

const words = {
  temperature: (celsius: number) => `${Math.round(celsius)} °C`,
  degrees: (celsius: number) => `${Math.round(celsius)} °C`,
  shade: (shade: number) =>
    ['', 'cinnamon', 'light', 'light-medium', 'medium', 'medium-dark', 'dark', 'very dark'][shade] ?? '',
};

export interface Scene {
  readonly nowS: number;
  readonly entries?: readonly Entry[];
  readonly roast?: Partial<Roast>;
  readonly gear?: Partial<Gear>;
  readonly method?: MethodId;
  readonly ownC?: number;
  readonly putOff?: ReadonlyMap<string, number>;
}

/** How things stand in a made-up roast on gear without any earlier one: the method's own figures speak. */
export function scene({
  nowS,
  entries = [],
  roast = {},
  gear = {},
  method = 'hotAirPopper',
  ownC,
  putOff,
}: Scene): HeatSituation {
  const its = roastOf([...entries], roast);
  const wish: PullWish = { shade: its.wantedShade, rule: its.pullRule };
  const expectation = expectationFor(
    {
      method,
      gearId: its.gearId,
      lotId: its.lotId,
      process: 'washed',
      greenGrams: methodOf(method).batchGrams.usual,
      ...wish,
    },
    [],
  );
  const full = { id: 'gear:test0001' as Id<'gear'>, nickname: 'Test', method, createdAt: its.createdAt, ...gear };
  return heatNow({ roast: its, gear: full, expectation, nowS, ownC, words, putOff: putOff ?? new Map() });
}

/** What is told in it, the gravest first, and what the field says. */
export const told = (facts: Scene) => tellingsFor(scene(facts));
export const texts = (facts: Scene) => told(facts).map(({ text }) => text);
export const first = (facts: Scene) => told(facts)[0];
export const next = (facts: Scene) => {
  const at = scene(facts);
  return nextWords(at, tellingsFor(at)[0]);
};
