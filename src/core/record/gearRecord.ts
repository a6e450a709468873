import { pairs } from 'd3-array';
import { heatStepsOf, settingAt, settingsOf, usualHeat } from '../forecast/index.ts';
import { controlsOf, type Gear, type HeatControl, heatControl } from '../gear/index.ts';
import { liveEntries, milestonesOf, momentMs, pulledMs, type Roast } from '../roast/index.ts';
import { MINUTE_MS } from '../units/index.ts';
import { type LossOfShade, lossesByShade, type Spread, spreadOf } from './spread.ts';

/** What a household's roasts say of one piece of gear. */
export interface GearRecord {
  readonly roasts: number;
  /** Seconds from charge. */
  readonly times: Readonly<Record<'yellow' | 'firstCrack' | 'pull', Spread | undefined>>;
  /** Per cent of green, by the shade as it turned out; staged pulls are left out. */
  readonly losses: readonly LossOfShade[];
  /** The setting of the heat that it usually has, by stretch; undefined where none was ever noted. */
  readonly heat:
    | { readonly control: HeatControl; readonly drying: string; readonly browning: string; readonly afterCrack: string }
    | undefined;
  /** Minutes from a pull to the next beans in, where that was within an hour and a half. */
  readonly betweenMin: Spread | undefined;
  /** Green in it, grams. */
  readonly greenGrams: Spread | undefined;
  /** The roast with the most stars, the newest of equals; undefined where none has any. */
  readonly best: Roast | undefined;
}

/** Longer than this between two roasts nobody was waiting for it to cool, minutes. */
const SAME_SITTING_MIN = 90;

/** Gathers it from the roasts on the gear that came to a pull; of any order. */
export function gearRecord(gear: Pick<Gear, 'method' | 'controls'>, all: readonly Roast[]): GearRecord {
  const roasts = all
    .map((roast) => ({ roast, live: liveEntries(roast.entries), reached: milestonesOf(liveEntries(roast.entries)) }))
    .filter(({ reached }) => reached.pull !== undefined)
    .sort((a, b) => (a.roast.createdAt < b.roast.createdAt ? 1 : -1));
  const times = (milestone: 'yellow' | 'firstCrack' | 'pull') =>
    spreadOf(roasts.flatMap(({ reached }) => reached[milestone] ?? []));
  return {
    roasts: roasts.length,
    times: { yellow: times('yellow'), firstCrack: times('firstCrack'), pull: times('pull') },
    losses: lossesByShade(roasts.map(({ roast }) => roast)),
    heat: heatOf(heatControl(controlsOf(gear)), roasts),
    betweenMin: spreadOf(waitsOf(roasts)),
    greenGrams: spreadOf(roasts.map(({ roast }) => roast.greenGrams)),
    best: roasts.reduce<Roast | undefined>(
      (best, { roast }) => ((roast.stars ?? 0) > (best?.stars ?? 0) ? roast : best),
      undefined,
    ),
  };
}

type Finished = { roast: Roast; live: ReturnType<typeof liveEntries>; reached: ReturnType<typeof milestonesOf> };

/** By the roasts in which it was moved at all: where nobody noted a setting, nobody knows it. */
function heatOf(control: HeatControl | undefined, roasts: readonly Finished[]): GearRecord['heat'] {
  if (!control) return undefined;
  const steps = usualHeat(roasts.map(({ live, reached }) => heatStepsOf(settingsOf([], live), control, reached)));
  const set = (of: number | undefined) => (of === undefined ? '' : String(settingAt(control, Math.round(of))));
  const heat = { control, drying: set(steps.early), browning: set(steps.middle), afterCrack: set(steps.late) };
  return heat.drying || heat.browning || heat.afterCrack ? heat : undefined;
}

/** Minutes between a pull and the next charge of the same sitting; `roasts` newest first. */
function waitsOf(roasts: readonly Finished[]): number[] {
  const spans = roasts.flatMap(({ roast }) => {
    const [charged, pulled] = [momentMs(roast, 0), pulledMs(roast)];
    return charged === undefined || pulled === undefined ? [] : [{ charged, pulled }];
  });
  return pairs(spans, (later, earlier) => (later.charged - earlier.pulled) / MINUTE_MS).filter(
    (waitMin) => waitMin >= 0 && waitMin <= SAME_SITTING_MIN,
  );
}
