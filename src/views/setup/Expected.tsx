import { useLiveQuery } from 'dexie-react-hooks';
import { expectationFor, forecastFrom, knownOrExpected } from '@/core/forecast';
import type { Gear, Method } from '@/core/gear';
import { ribbonOf } from '@/core/roast';
import { type ShadeNumber, shadeOf } from '@/core/shade';
import { formatClock } from '@/core/units';
import { database } from '@/store/current';
import { pastMilestones } from '@/store/roasting';
import { ForecastMarks } from '@/ui/ribbon/ForecastMarks';
import { Ribbon } from '@/ui/ribbon/Ribbon';
import { TimeAxis } from '@/ui/ribbon/TimeAxis';
import { useWords } from '@/ui/useHousehold';
import { useWidth } from '@/ui/useWidth';

interface ExpectedProps {
  readonly gear: Gear;
  readonly method: Method;
  readonly shade: ShadeNumber;
  /** Undefined while what is typed is no weight. */
  readonly greenGrams: number | undefined;
  readonly leftGrams: number;
}

/** What this roast will probably be like: its ribbon, its times, its weight. */
export function Expected({ gear, method, shade, greenGrams, leftGrams }: ExpectedProps) {
  const words = useWords();
  const { ref, width } = useWidth();
  const past = useLiveQuery(() => pastMilestones(database(), gear.id, ''), [gear.id]) ?? [];
  const expectation = expectationFor(method, shade, past);
  const forecasts = forecastFrom(expectation, {}, 0).filter(
    ({ milestone }) => milestone === 'yellow' || milestone === 'firstCrack' || milestone === 'pull',
  );
  const ribbon = ribbonOf({ entries: [], wantedShade: shade }, 0, knownOrExpected({}, forecasts));
  const toS = (forecasts.at(-1)?.medianS ?? 300) * 1.15;
  const { mean, sd } = shadeOf(shade).lossPercent;
  const at = Object.fromEntries(forecasts.map((each) => [each.milestone, each])) as Record<
    string,
    (typeof forecasts)[number]
  >;
  return (
    <>
      <div ref={ref} className="mt-10">
        <ForecastMarks width={width} fromS={0} toS={toS} forecasts={forecasts} />
        <Ribbon ribbon={ribbon} width={width} bodyHeight={56} fromS={0} toS={toS} />
        <TimeAxis width={width} fromS={0} toS={toS} />
      </div>
      <div className="mt-6 grid gap-x-10 gap-y-6 md:grid-cols-3">
        <Column title="On the scale">
          {greenGrams !== undefined && (
            <>
              <p className="font-heading text-4xl font-semibold">
                {words.weight(greenGrams)} <span className="text-husk text-xl">green</span>
              </p>
              <p className="text-husk mt-1">{leftWords(greenGrams, leftGrams, words.weight)}</p>
              <p className="mt-3">
                Gives about {words.weight(greenGrams * (1 - mean / 100))}, give or take{' '}
                {words.weight((greenGrams * sd) / 100)}: {words.shade(shade)} usually loses {mean} %.
              </p>
              <BatchAdvice grams={greenGrams} method={method} weight={words.weight} />
            </>
          )}
        </Column>
        <Column title="On the clock">
          <p className="font-heading text-4xl font-semibold">about {formatClock(at.pull?.medianS ?? 0)}</p>
          <p className="text-husk mt-1">
            first crack about {formatClock(at.firstCrack?.medianS ?? 0)}, between{' '}
            {formatClock(at.firstCrack?.earlyS ?? 0)} and {formatClock(at.firstCrack?.lateS ?? 0)}
          </p>
          <p className="mt-3">
            {expectation.fromRoasts > 0
              ? `From your last ${expectation.fromRoasts} roasts in the ${gear.nickname}.`
              : `Usual for this kind of gear; after three roasts in the ${gear.nickname}, your own times take over.`}
          </p>
        </Column>
        <Column title="Before the beans go in">
          <ul className="space-y-2">
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

function leftWords(grams: number, leftGrams: number, weight: (grams: number) => string): string {
  if (grams > leftGrams)
    return `more than the ${weight(Math.max(leftGrams, 0))} the larder says is left; it will be kept as it is`;
  return `of the ${weight(leftGrams)} left`;
}

function BatchAdvice({
  grams,
  method,
  weight,
}: {
  readonly grams: number;
  readonly method: Method;
  readonly weight: (grams: number) => string;
}) {
  const { least, most } = method.batchGrams;
  if (grams >= least && grams <= most) return null;
  return (
    <p className="text-danger mt-3">
      {grams > most ? 'More' : 'Less'} than is usual on this kind of gear ({weight(least)} to {weight(most)}).{' '}
      {grams > most
        ? 'Too much in it moves badly and scorches; stay within its rating.'
        : 'A small batch runs fast; watch it closely.'}
    </p>
  );
}
