import { useLiveQuery } from 'dexie-react-hooks';
import { type Lot, lotHints } from '@/core/bean';
import { expectationFor, forecastFrom, knownOrExpected } from '@/core/forecast';
import type { Gear, Method } from '@/core/gear';
import { ribbonOf } from '@/core/roast';
import type { ShadeNumber } from '@/core/shade';
import { database } from '@/store/current';
import { pastMilestones } from '@/store/roasting';
import { ForecastMarks } from '@/ui/ribbon/ForecastMarks';
import { Ribbon } from '@/ui/ribbon/Ribbon';
import { TimeAxis } from '@/ui/ribbon/TimeAxis';
import { useWidth } from '@/ui/useWidth';
import { OnTheClock } from './OnTheClock';
import { OnTheScale } from './OnTheScale';
import type { Planned } from './usePlanned';

/** More hints than this would be a wall of text. */
const MOST_HINTS = 3;

interface ExpectedProps {
  readonly gear: Gear;
  readonly method: Method;
  readonly shade: ShadeNumber;
  /** Undefined while what is typed is no weight. */
  readonly planned: Planned | undefined;
  readonly lot: Lot;
  readonly leftGrams: number;
}

/** What this roast will probably be like: its ribbon, its times, its weight. */
export function Expected({ gear, lot, method, shade, planned, leftGrams }: ExpectedProps) {
  const { ref, width } = useWidth();
  const past = useLiveQuery(() => pastMilestones(database(), gear.id, ''), [gear.id]) ?? [];
  const expectation = expectationFor(method, shade, past);
  const forecasts = forecastFrom(expectation, {}, 0).filter(
    ({ milestone }) => milestone === 'yellow' || milestone === 'firstCrack' || milestone === 'pull',
  );
  const ribbon = ribbonOf({ entries: [], wantedShade: shade }, 0, knownOrExpected({}, forecasts));
  const toS = (forecasts.at(-1)?.medianS ?? 300) * 1.15;
  return (
    <>
      <div ref={ref} className="mt-10">
        <ForecastMarks width={width} fromS={0} toS={toS} forecasts={forecasts} />
        <Ribbon ribbon={ribbon} width={width} bodyHeight={56} fromS={0} toS={toS} />
        <TimeAxis width={width} fromS={0} toS={toS} />
      </div>
      <div className="mt-6 grid gap-x-10 gap-y-6 md:grid-cols-3">
        <Column title="On the scale">
          {planned && (
            <OnTheScale planned={planned} gear={gear} lot={lot} shade={shade} leftGrams={leftGrams} method={method} />
          )}
        </Column>
        <Column title="On the clock">
          <OnTheClock
            planned={planned}
            gear={gear}
            method={method}
            forecasts={forecasts}
            fromRoasts={expectation.fromRoasts}
          />
        </Column>
        <Column title="Before the beans go in">
          <ul className="space-y-2">
            {lotHints(lot)
              .slice(0, MOST_HINTS)
              .map(({ advice, reason }) => (
                <li key={reason}>
                  <b>{advice}</b> <span className="text-husk">For {reason}.</span>
                </li>
              ))}
            <li>Smoke goes out of the building; smoke alarms stay on.</li>
            <li>Nothing near that burns; chaff is caught.</li>
            <li>Gloves on, cooling ready, lid or extinguisher at hand.</li>
            <li>Stay with it until the beans are out.</li>
          </ul>
        </Column>
      </div>
    </>
  );
}

function Column({ title, children }: { readonly title: string; readonly children: React.ReactNode }) {
  return (
    <section className="border-ink border-t-2 pt-3">
      <h2 className="mb-1 text-xl">{title}</h2>
      {children}
    </section>
  );
}
