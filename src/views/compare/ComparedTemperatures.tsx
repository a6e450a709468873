import { lazy, Suspense, useMemo } from 'react';
import { readingsOf } from '@/core/heat';
import { liveEntries, milestonesOf } from '@/core/roast';
import type { LineUp } from '@/ui/rows/lineUp';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import type { Compared } from './compared';

const Chart = lazy(() => import('@/ui/RelativeChart').then((module) => ({ default: module.RelativeChart })));
/** Fewer readings are no curve. */
const LEAST = 3;

/** Temperatures as degrees before or past each gear's own first crack: raw readings are not comparable (handbook, section 6). */
export function ComparedTemperatures({
  compared,
  lineUp,
}: {
  readonly compared: readonly Compared[];
  readonly lineUp: LineUp;
}) {
  const dates = useRoastDates();
  const words = useWords();
  const curves = useMemo(
    () =>
      compared.flatMap(({ roast, gearName, ownC }) => {
        const live = liveEntries(roast.entries);
        const readings = readingsOf(live);
        const zeroS = lineUp === 'charge' ? 0 : milestonesOf(live)[lineUp];
        if (ownC === undefined || readings.length < LEAST || zeroS === undefined) return [];
        return [
          {
            name: `${dates.date(roast.createdAt)}, ${gearName}`,
            points: readings.map(({ at, celsius }) => ({ atS: at - zeroS, byC: celsius - ownC })),
          },
        ];
      }),
    [compared, lineUp, dates.date],
  );
  if (curves.length === 0) return null;
  return (
    <section className="border-ink mt-8 border-t-2 pt-4">
      <h2 className="text-2xl">Temperature, against each gear’s own first crack</h2>
      {curves.length < compared.length && (
        <p className="text-husk">
          {compared.length - curves.length === 1
            ? 'One of the roasts has'
            : `${compared.length - curves.length} of the roasts have`}{' '}
          too few readings, or none yet at first crack on that gear.
        </p>
      )}
      <Suspense fallback={<p className="text-husk">Drawing the curves…</p>}>
        <Chart curves={curves} unit={words.temperatureUnit} />
      </Suspense>
    </section>
  );
}
