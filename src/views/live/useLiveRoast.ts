import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState, useSyncExternalStore } from 'react';
import { knownOrExpected } from '@/core/forecast';
import { controlsOf, initialValue } from '@/core/gear';
import {
  awaited,
  type ControlNow,
  type Deed,
  forecastsAhead,
  gravestFirst,
  heatNow,
  kindOfCrack,
  nextWords,
  type Telling,
  tellingsFor,
} from '@/core/heat';
import {
  type EntryDraft,
  heatS,
  isUnderWay,
  type LiveEntry,
  lastUndoable,
  meantShade,
  nextMilestone,
  type Roast,
  ribbonOf,
  ribbonOfGuide,
} from '@/core/roast';
import { chargeRoast, logEntry, undoLast } from '@/store/atTheHeat';
import { database } from '@/store/current';
import { lacksRoom, lateHeatWrites, onHeatWrites } from '@/store/outbox';
import type { NamedRoast } from '@/store/queries';
import { useWords } from '@/ui/useHousehold';
import { useSteady, useSteadyCallback } from '@/ui/useSteady';
import { useKnown } from './useKnown';
import { type RoastClock, useRoastClock } from './useRoastClock';

/** What the screen tells besides what the record says: before equals of the record's, and after everything else. */
interface ScreenTells {
  readonly tells: (clock: RoastClock, controls: readonly ControlNow[]) => readonly Telling[];
  readonly lacking: readonly Telling[];
}

/** Everything that the roast screen shows and does, derived from the record and the clock. */
export function useLiveRoast(named: NamedRoast, screen: ScreenTells) {
  const { roast, gear } = named;
  const notKept = useNotKept(roast);
  const words = useWords();
  const clock = useRoastClock(roast);
  const known = useKnown(named);
  const [putOff, setPutOff] = useState<ReadonlyMap<string, number>>(new Map());
  const guide = useGuide(roast);
  const nowS = clock.shownS ?? heatS(roast, Date.now());
  const at = heatNow({ roast, gear, ...known, nowS, words, putOff });
  const controls = useSteady(
    controlsOf(gear ?? { method: 'other' }).map((control) => ({
      control,
      value: lastValue(at.live, control.id) ?? initialValue(control),
    })),
  );
  const tellings = gravestFirst([...notKept, ...screen.tells(clock, controls), ...tellingsFor(at), ...screen.lacking]);
  const ahead = forecastsAhead(at);
  const pressedS = () => clock.now() ?? heatS(roast, Date.now());
  const log = useSteadyCallback((draft: EntryDraft, atS: number = pressedS(), source?: 'hand' | 'tap') =>
    logEntry(database(), roast.id, draft, atS, source),
  );
  const secondEarlyS = at.forecasts.find(({ milestone }) => milestone === 'secondCrack')?.earlyS;
  const crackNow = (atS: number) => kindOfCrack(at.live, at.reached, atS, secondEarlyS);
  return {
    roast,
    clock,
    at,
    ...known,
    underWay: isUnderWay(roast),
    tellings,
    next: nextWords(at, tellings[0]),
    /** What Space marks; the pull asks twice. */
    milestone: at.charged
      ? nextMilestone({ ...(awaited(at) === 'yellow' ? {} : { yellow: 0 }), ...at.reached })
      : undefined,
    ahead,
    ribbon: ribbonOf(
      { entries: roast.entries, wantedShade: at.pulls.at(-1)?.shade ?? meantShade(roast) },
      at.charged ? nowS : 0,
      knownOrExpected(at.heard, ahead),
    ),
    guide,
    controls,
    undoable: lastUndoable(roast.entries),
    pressedS,
    log,
    crackKind: crackNow(nowS),
    tapCrack: () => log({ kind: 'crack', crack: crackNow(pressedS()) }, pressedS(), 'tap'),
    charge: () => chargeRoast(database(), roast.id, Date.now()),
    undo: () => undoLast(database(), roast.id, pressedS()),
    /** Does what an answer says; `screen` deeds are the screen's own. */
    answer: async (telling: Telling, deed: Deed) => {
      if (deed.kind === 'putOff') setPutOff((before) => new Map(before).set(telling.key, deed.weight));
      if (deed.kind === 'log') for (const { draft, atS } of deed.lines) await log(draft, atS ?? pressedS());
    },
  };
}

export type LiveRoastModel = ReturnType<typeof useLiveRoast>;

function lastValue(live: readonly LiveEntry[], control: string) {
  const last = live.findLast((entry) => entry.kind === 'move' && entry.control === control);
  return last?.kind === 'move' ? last.value : undefined;
}

/** The words for what was pressed and is not in the database though it should be by now. */
function useNotKept({ id }: Roast): Telling[] {
  const all = useSyncExternalStore(onHeatWrites, lateHeatWrites);
  const count = all.filter(({ roastId }) => roastId === id).length;
  if (count === 0) return [];
  const presses = count === 1 ? 'your last press' : `your last ${count} presses`;
  const why = lacksRoom() ? ' There is no room left on this device: delete something large.' : '';
  const text = `Not kept yet: ${presses}.${why} Kept in memory and tried again: leave this page open.`;
  return [{ key: `notKept${count}`, level: 'danger', text }];
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
