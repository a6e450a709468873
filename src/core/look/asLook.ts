import type { RoastLook } from '../roast/index.ts';
import type { Measure } from './measure.ts';

/** A measure as it is kept with a roast: as fine as it is sure. */
export function asLook(
  { medianL, range, spreadL, paleShare, scorchedShare, measured, beans }: Measure,
  facts: Pick<RoastLook, 'id' | 'takenAt' | 'pullId' | 'of'>,
): RoastLook {
  return {
    ...facts,
    lightness: fine(medianL, 1),
    least: fine(range.least, 1),
    most: fine(range.most, 1),
    ...(spreadL !== undefined && { spread: fine(spreadL, 1) }),
    ...(paleShare !== undefined && { paleShare: fine(paleShare, 3) }),
    ...(scorchedShare !== undefined && { scorchedShare: fine(scorchedShare, 3) }),
    measured,
    ...(beans !== undefined && { beans }),
  };
}

const fine = (value: number, digits: number) => Number(value.toFixed(digits));
