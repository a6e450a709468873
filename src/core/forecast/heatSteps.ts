import { middleOf } from '../chance/index.ts';
import type { HeatControl } from '../gear/index.ts';
import type { Milestones } from '../roast/index.ts';
import { type Setting, stepsAbove } from './heatSet.ts';

/** Mean steps above the start over a stretch of the roast, by time; as it starts until something else was set. */
function heatNear(settings: readonly Setting[], control: HeatControl | undefined, fromS: number, toS: number): number {
  if (!control || toS <= fromS) return 0;
  let steps = 0;
  let atS = fromS;
  let sum = 0;
  for (const setting of settings) {
    if (setting.control !== control.id || setting.at >= toS) continue;
    const at = Math.max(fromS, setting.at);
    sum += steps * (at - atS);
    atS = at;
    steps = stepsAbove(control, setting.value);
  }
  return (sum + steps * (toS - atS)) / (toS - fromS);
}

/** Stretches of a roast by what heat does in them: until yellow, until first crack, until the pull. */
export const heatStretches = ['early', 'middle', 'late'] as const;
/** One of `heatStretches`. */
export type HeatStretch = (typeof heatStretches)[number];
/** Mean steps of heat above the start in each stretch; absent where none was noted by its end. */
export type HeatSteps = Readonly<Partial<Record<HeatStretch, number>>>;

/** The heat of a roast as it was noted, stretch by stretch. */
export function heatStepsOf(
  settings: readonly Setting[],
  control: HeatControl | undefined,
  { yellow, firstCrack, pull }: Milestones,
): HeatSteps {
  const ends = { early: [0, yellow], middle: [yellow, firstCrack], late: [firstCrack, pull] } as const;
  const first = settings.find((each) => each.control === control?.id);
  return Object.fromEntries(
    heatStretches.flatMap((stretch) => {
      const [fromS, toS] = ends[stretch];
      if (!first || fromS === undefined || toS === undefined || first.at >= toS || toS <= fromS) return [];
      const steps = heatNear(settings, control, fromS, toS);
      return Number.isFinite(steps) ? [[stretch, steps]] : [];
    }),
  );
}

/** The usual heat of many roasts by stretch: the middle of those in which it was noted, at least so many. */
export function usualHeat(all: readonly HeatSteps[], least = 1): HeatSteps {
  return Object.fromEntries(
    heatStretches.flatMap((stretch) => {
      const noted = all.flatMap((each) => each[stretch] ?? []);
      return noted.length < least ? [] : [[stretch, middleOf(noted)]];
    }),
  );
}
