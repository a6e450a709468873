import { lotHints } from '@/core/bean';
import { type Forecast, knownOrExpected, wantedIntoSecondS } from '@/core/forecast';
import { controlsOf, type Gear } from '@/core/gear';
import { messSentence, type RoastDay, schoolOf } from '@/core/plan';
import { dueAtS, type Ribbon as RibbonModel, ribbonOf, toneAt } from '@/core/roast';
import { shadeTone } from '@/core/shade';
import { Column } from '@/ui/Column';
import { ForecastMarks } from '@/ui/ribbon/ForecastMarks';
import { Ribbon } from '@/ui/ribbon/Ribbon';
import { TimeAxis } from '@/ui/ribbon/TimeAxis';
import { useWords } from '@/ui/useHousehold';
import { useWidth } from '@/ui/useWidth';
import { OnTheClock } from './OnTheClock';
import { OnTheScale } from './OnTheScale';
import { Preflight } from './Preflight';
import type { Choices } from './useChoices';
import type { Foreseen } from './useForeseen';
import type { Planned } from './usePlanned';

/** More hints than this would be a wall of text. */
const MOST_HINTS = 2;

interface ExpectedProps {
  readonly choices: Choices;
  readonly planned: Planned;
  readonly foreseen: Foreseen;
  readonly day: RoastDay;
  readonly gear: readonly Gear[];
  readonly onGear: (gearId: string) => void;
}

/** What this roast will probably be like: its ribbon, its weight, its times, and what to see to first. */
export function Expected({ choices, planned, foreseen, day, gear, onGear }: ExpectedProps) {
  const { ref, width } = useWidth();
  const words = useWords();
  const { stock, batches } = planned;
  const { forecasts, expectation } = foreseen;
  const shown = forecasts.filter(({ milestone }) => ['yellow', 'firstCrack', 'pull'].includes(milestone));
  const toS = (forecasts.find(({ milestone }) => milestone === 'pull')?.medianS ?? 300) * 1.15;
  return (
    <>
      <p className="text-husk mt-3 max-w-[90ch]">
        {schoolOf(choices.rule.kind).school}
        {!choices.ruleIsTheirs && planned.proposed.fromRoasts > 0 && (
          <>
            {' '}
            The figure comes from{' '}
            {planned.proposed.fromRoasts === 1 ? 'a roast' : `${planned.proposed.fromRoasts} roasts`} of yours.
          </>
        )}
        {expectation.pullBy === 'guard' && (
          <b className="text-ink">
            {wantedIntoSecondS(choices.shade, choices.rule) === undefined
              ? ' Second crack will be there first: then they come out, whatever the rule says.'
              : ` Second crack will have gone too far for ${words.shade(choices.shade)} by then: they come out before, whatever the rule says.`}
          </b>
        )}
      </p>
      <div ref={ref} className="mt-3">
        <ForecastMarks width={width} fromS={0} toS={toS} forecasts={shown} />
        <Ribbon
          ribbon={plannedRibbon(choices, forecasts)}
          width={width}
          bodyHeight={56}
          fromS={0}
          toS={toS}
          words
          controls={controlsOf(planned.gear)}
        />
        <TimeAxis width={width} fromS={0} toS={toS} />
      </div>
      <div className="mt-5 grid gap-x-10 gap-y-6 md:grid-cols-3">
        <Column title="On the scale">
          <OnTheScale choices={choices} planned={planned} />
        </Column>
        <Column title="On the clock">
          <OnTheClock choices={choices} planned={planned} foreseen={foreseen} gear={gear} onGear={onGear} />
        </Column>
        <Column title="Before the beans go in">
          <Preflight gear={planned.gear} place={choices.place} day={day} />
          <ul className="mt-3 space-y-2">
            {lotHints(stock.lot)
              .slice(0, MOST_HINTS)
              .map(({ advice, reason }) => (
                <li key={reason}>
                  <b>{advice}</b> <span className="text-husk">{reason}</span>
                </li>
              ))}
            {batches && (
              <li className="text-husk">
                {messSentence(planned.gear.method, choices.shade, batches.greenGramsEach, words.weight)}
              </li>
            )}
          </ul>
        </Column>
      </div>
    </>
  );
}

/** The expected ribbon with the moves and the parts that are meant, at the times they are expected. */
function plannedRibbon({ shade, moves, parts }: Choices, forecasts: readonly Forecast[]): RibbonModel {
  const expected = knownOrExpected({}, forecasts);
  const ribbon = ribbonOf({ entries: [], wantedShade: shade }, 0, expected);
  const pullS = expected.pull ?? 300;
  return {
    ...ribbon,
    moves: moves.flatMap(({ when, control, value }) => {
      const at = dueAtS(when, expected);
      return at === undefined ? [] : [{ at, control, value, direction: 'none' as const }];
    }),
    tabs: (parts ?? []).slice(0, -1).map((part) => {
      const tone = shadeTone(part.shade);
      // The part leaves when the body has its tone.
      const at = [...Array(100).keys()]
        .map((i) => (pullS * (i + 1)) / 100)
        .find((t) => toneAt(ribbon.ahead, t) >= tone);
      return { at: at ?? pullS, tone };
    }),
  };
}
