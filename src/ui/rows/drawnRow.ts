import { type PartShade, shadesOf } from '@/core/record';
import { isUnderWay, type Ribbon, type Roast, ribbonOf, roastedGrams } from '@/core/roast';
import { lossPercent } from '@/core/shade';
import type { NamedRoast } from '@/store/queries';

/** What a row shows of a roast: a list keeps hundreds of rows, and a roast's whole log is far larger. */
export interface DrawnRow {
  readonly id: Roast['id'];
  readonly createdAt: string;
  readonly lotName: string;
  readonly gearName: string;
  readonly ribbon: Ribbon;
  /** Of each part, as it came out, and before somebody looked as it was meant. */
  readonly shades: readonly PartShade[];
  /** Weight lost, percent; undefined until every part is weighed. */
  readonly lossPercent: number | undefined;
  readonly note: string | undefined;
  readonly stars: number | undefined;
  readonly underWay: boolean;
}

/** Reads a roast for its row. */
export function drawnRow({ roast, lotName, gearName }: NamedRoast): DrawnRow {
  const roasted = roastedGrams(roast);
  return {
    id: roast.id,
    createdAt: roast.createdAt,
    lotName,
    gearName,
    ribbon: ribbonOf(roast),
    shades: shadesOf(roast),
    lossPercent: roasted === undefined ? undefined : lossPercent(roast.greenGrams, roasted),
    note: roast.note,
    stars: roast.stars,
    underWay: isUnderWay(roast),
  };
}
