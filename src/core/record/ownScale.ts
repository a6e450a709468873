import { middleOf } from '../chance/index.ts';
import { lookOf, pullsOf, type Roast } from '../roast/index.ts';
import { type ShadeNumber, shadeNumbers, shadeOf } from '../shade/index.ts';

/** What this person calls a shade, from the roasts that they named and that a photo measured. */
export interface OwnScale {
  /** How much lighter their shades lie than the table's, L*; shrunk towards none where few were named. */
  readonly lies: number;
  /** Of each shade that was named: its middle, L*, and from how many. */
  readonly shades: readonly { readonly shade: ShadeNumber; readonly lightness: number; readonly count: number }[];
  readonly count: number;
}

/** So many named roasts weigh as much as the table. Our own figure: an eye is as sure as three photos. */
const TABLE_WEIGHS = 3;

/** The scale of one's own. A shade that the photo proposed and nobody confirmed says nothing of an eye. */
export function ownScale(roasts: readonly Pick<Roast, 'entries' | 'looks'>[]): OwnScale {
  const named = roasts.flatMap((roast) =>
    pullsOf(roast).flatMap(({ id, shade, guessed }) => {
      const look = lookOf(roast, id);
      return look && shade !== undefined && !guessed ? [{ shade, lightness: look.lightness }] : [];
    }),
  );
  const off = middleOf(named.map(({ shade, lightness }) => lightness - shadeOf(shade).lightness)) ?? 0;
  return {
    lies: (off * named.length) / (named.length + TABLE_WEIGHS),
    shades: shadeNumbers.flatMap((shade) => {
      const own = named.filter((each) => each.shade === shade).map(({ lightness }) => lightness);
      const lightness = middleOf(own);
      return lightness === undefined ? [] : [{ shade, lightness, count: own.length }];
    }),
    count: named.length,
  };
}
