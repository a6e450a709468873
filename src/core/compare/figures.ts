import { mean } from 'd3-array';
import { finalShade, liveEntries, type Milestones, milestonesOf, type Roast, roastedGrams } from '../roast/index.ts';
import { lossPercent, type ShadeNumber } from '../shade/index.ts';
import type { Cup } from '../taste/index.ts';

/** More than six ribbons are a list, not a comparison. */
export const MOST_COMPARED = 6;

/** What two roasts are compared by. */
export interface RoastFigures {
  readonly roastId: string;
  readonly greenGrams: number;
  readonly reached: Milestones;
  readonly lossPercent: number | undefined;
  readonly shade: ShadeNumber | undefined;
  readonly ambientC: number | undefined;
  readonly gearHot: boolean;
  readonly gearId: string;
  readonly lotId: string;
  readonly moves: readonly {
    readonly atS: number;
    readonly control: string;
    readonly value: string | number | undefined;
  }[];
  /** Mean overall score of its cups. */
  readonly overall: number | undefined;
  readonly words: readonly string[];
}

/** The figures of a roast, from its log and its cups. */
export function figuresOf(roast: Roast, cups: readonly Cup[]): RoastFigures {
  const live = liveEntries(roast.entries);
  const roasted = roastedGrams(roast);
  const scores = cups.flatMap(({ sheet }) => (sheet.overall === undefined ? [] : [sheet.overall]));
  return {
    roastId: roast.id,
    greenGrams: roast.greenGrams,
    reached: milestonesOf(live),
    lossPercent: roasted === undefined ? undefined : lossPercent(roast.greenGrams, roasted),
    shade: finalShade(roast),
    ambientC: roast.ambientC,
    gearHot: roast.gearHot ?? false,
    gearId: roast.gearId,
    lotId: roast.lotId,
    moves: live.flatMap((entry) =>
      entry.kind === 'move' ? [{ atS: entry.at, control: entry.control, value: entry.value }] : [],
    ),
    overall: mean(scores),
    words: [...new Set(cups.flatMap(({ words }) => words))],
  };
}
