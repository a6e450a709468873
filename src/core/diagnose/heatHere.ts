import {
  type HeatSteps,
  type HeatStretch,
  heatStepsOf,
  heatStretches,
  KNOWN_FROM,
  type PastRoast,
  type Setting,
  usualHeat,
} from '../forecast/index.ts';
import type { HeatControl } from '../gear/index.ts';
import type { Milestones } from '../roast/index.ts';

/** How the heat of a roast was set, against what this person usually sets on the gear. */
export interface HeatHere {
  readonly control: HeatControl | undefined;
  /** Mean steps above where the control starts; absent where nothing was noted: that is not as usual, it is not known. */
  readonly noted: HeatSteps;
  /** Steps above (below 0) the usual; absent where either is not known. */
  readonly off: HeatSteps;
  /** What usual is here: this person's own settings, or where the control starts, since nobody ever noted another. */
  readonly against: 'own' | 'start';
  /** The fewest and the most steps above the start that were ever noted on the gear. */
  readonly used: { readonly least: number; readonly most: number } | undefined;
}

/** Reads it; `reached` has every milestone, as expected where it was not marked. */
export function heatHere(
  control: HeatControl | undefined,
  settings: readonly Setting[],
  reached: Milestones,
  own: readonly PastRoast[],
): HeatHere {
  const noted = heatStepsOf(settings, control, reached);
  const before = own.map((each) => heatStepsOf(each.settings ?? [], control, each.reached));
  const usual = usualHeat(before, KNOWN_FROM);
  const never =
    own.length >= KNOWN_FROM && before.every((each) => heatStretches.every((stretch) => each[stretch] === undefined));
  const usualIn = (stretch: HeatStretch) => usual[stretch] ?? (never ? 0 : undefined);
  const all = [noted, ...before].flatMap((each) => heatStretches.flatMap((stretch) => each[stretch] ?? []));
  return {
    control,
    noted,
    off: Object.fromEntries(
      heatStretches.flatMap((stretch) => {
        const [its, usually] = [noted[stretch], usualIn(stretch)];
        return its === undefined || usually === undefined ? [] : [[stretch, its - usually]];
      }),
    ),
    against: never ? 'start' : 'own',
    used: all.length === 0 ? undefined : { least: Math.min(...all), most: Math.max(...all) },
  };
}
