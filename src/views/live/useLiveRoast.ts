import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import { knownOrExpected } from '@/core/forecast';
import { controlsOf, initialValue } from '@/core/gear';
import {
  awaited,
  type ControlNow,
  forecastsAhead,
  gravestFirst,
  type HeatSituation,
  heatNow,
  kindOfCrack,
  type NamedForecast,
  type NextWords,
  nextWords,
  type PullDue,
  type Telling,
  tellingsFor,
} from '@/core/heat';
import {
  type Entry,
  heatS,
  isUnderWay,
  type LiveEntry,
  lastDone,
  lateOne,
  type Milestone,
  meantShade,
  nextMilestone,
  type Ribbon,
  type Roast,
  ribbonOf,
  ribbonOfGuide,
} from '@/core/roast';
import { clockSpeed, database } from '@/store/current';
import type { NamedRoast } from '@/store/queries';
import { useWords } from '@/ui/useHousehold';
import { useSteady } from '@/ui/useSteady';
import { type HeatDeeds, useHeatDeeds } from './useHeatDeeds';
import { type Known, useKnown } from './useKnown';
import { useNotKept } from './useNotKept';
import type { RoastClock } from './useRoastClock';
import type { ScreenTells } from './useScreenTells';

/** What is told now. */
interface Told {
  /** Gravest first. */
  readonly tellings: readonly Telling[];
  readonly next: NextWords;
}

/** What is drawn. */
interface Drawn {
  readonly ribbon: Ribbon;
  /** The ribbon that this roast follows. */
  readonly guide: Ribbon | undefined;
  readonly ahead: readonly NamedForecast[];
}

/** What can be pressed now. */
interface Pressable {
  /** What Space marks; the pull asks twice. */
  readonly milestone: Milestone | undefined;
  /** Where that is the pull: the part of a staged one that it takes. */
  readonly part: PullDue | undefined;
  readonly controls: readonly ControlNow[];
  /** What Undo takes back; `charge`: the beans going in, `movedCharge`: that they did at another moment. */
  readonly undoable: Entry | 'charge' | 'movedCharge' | undefined;
  /** What −5 s puts earlier. */
  readonly late: LiveEntry | 'charge' | undefined;
  /** What a tap now would be. */
  readonly crack: 'first' | 'second';
}

/** Everything that the roast screen shows and does, derived from the record and the clock. */
export interface LiveRoastModel {
  readonly roast: Roast;
  readonly underWay: boolean;
  readonly situation: HeatSituation;
  readonly known: Known;
  readonly told: Told;
  readonly drawn: Drawn;
  readonly pressable: Pressable;
  readonly deeds: HeatDeeds;
}

export function useLiveRoast(named: NamedRoast, clock: RoastClock, screen: ScreenTells): LiveRoastModel {
  const { roast, gear } = named;
  const notKept = useNotKept(roast);
  const words = useWords();
  const known = useKnown(named);
  const [putOff, setPutOff] = useState<ReadonlyMap<string, number>>(new Map());
  const guide = useGuide(roast);
  const nowS = clock.shownS ?? heatS(roast, Date.now());
  const situation = heatNow({ roast, gear, ...known, nowS, words, putOff });
  const milestone = situation.charged
    ? nextMilestone({ ...(awaited(situation) === 'yellow' ? {} : { yellow: 0 }), ...situation.reached })
    : undefined;
  // A practice clock that runs faster has no wall-clock moment at which its beans might have gone in.
  const late = lateOne(roast, situation.live);
  const [due] = situation.pulls;
  const controls = useSteady(
    controlsOf(gear).map((control) => ({
      control,
      value: lastValue(situation.live, control.id) ?? initialValue(control),
    })),
  );
  const tellings = gravestFirst([...notKept, ...screen.tells(controls), ...tellingsFor(situation), ...screen.lacking]);
  const ahead = forecastsAhead(situation);
  const secondEarlyS = situation.forecasts.find(({ milestone }) => milestone === 'secondCrack')?.earlyS;
  const crackNow = (atS: number) => kindOfCrack(situation.live, situation.reached, atS, secondEarlyS);
  return {
    roast,
    underWay: isUnderWay(roast),
    situation,
    known,
    told: { tellings, next: nextWords(situation, tellings[0]) },
    drawn: {
      ribbon: ribbonOf(
        // Before the charge nothing is on the roast's clock yet.
        {
          entries: situation.charged ? roast.entries : [],
          wantedShade: situation.pulls.at(-1)?.shade ?? meantShade(roast),
        },
        situation.charged ? nowS : 0,
        knownOrExpected(situation.heard, ahead),
      ),
      guide,
      ahead,
    },
    pressable: {
      milestone,
      part: milestone === 'pull' && due?.last === false ? due : undefined,
      controls,
      undoable: lastDone(roast),
      late: late === 'charge' && clockSpeed() !== 1 ? undefined : late,
      crack: crackNow(nowS),
    },
    deeds: useHeatDeeds(roast, clock, crackNow, (telling, weight) =>
      setPutOff((before) => new Map(before).set(telling.key, weight)),
    ),
  };
}

function lastValue(live: readonly LiveEntry[], control: string) {
  const last = live.findLast((entry) => entry.kind === 'move' && entry.control === control);
  return last?.kind === 'move' ? last.value : undefined;
}

/** The ribbon to follow: the recipe's for this batch, else that of the roast that is being repeated. */
function useGuide(roast: Roast) {
  const earlier = useLiveQuery(
    async () => (roast.follows && !roast.guide ? await database().roasts.get(roast.follows) : undefined),
    [roast.follows, roast.guide],
  );
  const { guide, wantedShade } = roast;
  const meant = useSteady(guide);
  return useMemo(
    () => ribbonOfGuide({ guide: meant, wantedShade }) ?? (earlier && ribbonOf(earlier)),
    [earlier, meant, wantedShade],
  );
}
