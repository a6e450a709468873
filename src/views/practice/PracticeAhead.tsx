import { type Process, processNames } from '@/core/bean';
import { expectationFor, forecastFrom, knownOrExpected } from '@/core/forecast';
import { type MethodId, methodOf } from '@/core/gear';
import { ribbonOf } from '@/core/roast';
import type { ShadeNumber } from '@/core/shade';
import { Column } from '@/ui/Column';
import { ForecastMarks } from '@/ui/ribbon/ForecastMarks';
import { Ribbon } from '@/ui/ribbon/Ribbon';
import { TimeAxis } from '@/ui/ribbon/TimeAxis';
import { keyHelp } from '@/ui/roastKeys';
import { useWidth } from '@/ui/useWidth';

interface PracticeAheadProps {
  readonly method: MethodId;
  readonly process: Process;
  readonly shade: ShadeNumber;
}

const SHOWN_KEYS = 5;

/** What is coming, for whoever never roasted on this: its usual course, what to look and listen for, what to press. */
export function PracticeAhead({ method, process, shade }: PracticeAheadProps) {
  const { ref, width } = useWidth();
  const { batchGrams, senses, name } = methodOf(method);
  const question = { method, gearId: '', lotId: '', process, greenGrams: batchGrams.usual, shade };
  const forecasts = forecastFrom(expectationFor(question, []), {}, 0);
  const shown = forecasts.filter(({ milestone }) => ['yellow', 'firstCrack', 'pull'].includes(milestone));
  const toS = (forecasts.find(({ milestone }) => milestone === 'pull')?.medianS ?? 300) * 1.15;
  const ribbon = ribbonOf({ entries: [], wantedShade: shade }, 0, knownOrExpected({}, forecasts));
  return (
    <section className="mt-8">
      <h2 className="text-husk font-text text-base font-normal">
        How it usually goes: {name.toLowerCase()}, {processNames[process]} beans
      </h2>
      <div ref={ref} className="mt-2">
        <ForecastMarks width={width} fromS={0} toS={toS} forecasts={shown} />
        <Ribbon ribbon={ribbon} width={width} bodyHeight={56} fromS={0} toS={toS} words />
        <TimeAxis width={width} fromS={0} toS={toS} />
      </div>
      <div className="mt-5 grid gap-x-10 gap-y-6 md:grid-cols-3">
        <Column title="Look and listen">
          <p>
            Green turns to yellow, then tan; it smells of hay, toast, then sweet. First crack is loud pops, like
            popcorn; second crack is quicker and quieter, like twigs.
          </p>
          <p className="text-husk mt-2">
            {senses.quietSounds
              ? 'On this gear even single quiet snaps are heard.'
              : 'This gear covers quiet snaps: a run of them counts, not one.'}
            {senses.colour === 'throughGlass' && ' The colour is seen through glass only.'}
          </p>
        </Column>
        <Column title="Press">
          <dl className="grid grid-cols-[auto_1fr] gap-x-4">
            {keyHelp.slice(0, SHOWN_KEYS).map(([key, does]) => (
              <div key={key} className="contents">
                <dt className="font-bold">{key}</dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
          <p className="text-husk mt-2">Or the large buttons on the screen, which say what comes next.</p>
        </Column>
        <Column title="Afterwards">
          <p>
            Gander says how near your marks were to what the beans really did, and how dark they came out against what
            you wanted.
          </p>
          <p className="text-husk mt-2">Nothing burns, and nothing goes into your journal.</p>
        </Column>
      </div>
    </section>
  );
}
