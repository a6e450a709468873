import { useLiveQuery } from 'dexie-react-hooks';
import { circumstancesOf, expectationFor, forecastFrom, knownOrExpected } from '@/core/forecast';
import { type Gear, usualGramsOf } from '@/core/gear';
import type { Id } from '@/core/ids';
import { ribbonOf } from '@/core/roast';
import { database } from '@/store/current';
import { roastHistory } from '@/store/history';
import { ForecastMarks } from '@/ui/ribbon/ForecastMarks';
import { Ribbon } from '@/ui/ribbon/Ribbon';
import { useWords } from '@/ui/useHousehold';
import { useWidth } from '@/ui/useWidth';

/** Whichever beans, washed as most are. */
const NO_LOT = '' as Id<'lot'>;
/** Medium: what most roast for, so that gear can be compared. */
const SHADE = 4;

/** The next medium roast as it is expected on this gear, and whether that is the method's habit or its own. */
export function GearTimes({ gear }: { readonly gear: Gear }) {
  const { ref, width } = useWidth();
  const shade = useWords().shade(SHADE);
  const past = useLiveQuery(() => roastHistory(database()), []);
  if (!past) return <div ref={ref} />;
  const expectation = expectationFor(
    {
      ...circumstancesOf(
        { lotId: NO_LOT, gearId: gear.id, greenGrams: usualGramsOf(gear), wantedShade: SHADE },
        undefined,
        gear,
      ),
      process: 'washed',
    },
    past,
  );
  const forecasts = forecastFrom(expectation, {}, 0).filter(
    ({ milestone }) => milestone === 'yellow' || milestone === 'firstCrack' || milestone === 'pull',
  );
  const ribbon = ribbonOf({ entries: [], wantedShade: SHADE }, 0, knownOrExpected({}, forecasts));
  const toS = (forecasts.at(-1)?.medianS ?? 300) * 1.15;
  return (
    <div ref={ref} className="min-w-0">
      <ForecastMarks width={width} fromS={0} toS={toS} forecasts={forecasts} />
      <Ribbon ribbon={ribbon} width={width} bodyHeight={28} fromS={0} toS={toS} />
      <p className="text-husk text-[0.95rem]">
        {expectation.fromRoasts > 0
          ? expectation.fromRoasts === 1
            ? `When its next ${shade} roast is expected to be where, from the usual times and its first roast.`
            : `When its next ${shade} roast is expected to be where, from ${expectation.fromRoasts} roasts.`
          : 'Usual for this kind of gear; its own times take over as roasts come in.'}
      </p>
    </div>
  );
}
