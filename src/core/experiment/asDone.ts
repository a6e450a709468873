import {
  liveEntries,
  meantShade,
  milestonesOfRoast,
  movesFromCharge,
  PLANNED,
  type PlannedMove,
  type PullRule,
  type Roast,
  shownApartS,
  shownS,
} from '../roast/index.ts';

/** What is chosen for a roast to come. */
export type Chosen = Pick<
  Roast,
  'lotId' | 'gearId' | 'greenGrams' | 'wantedShade' | 'pullRule' | 'plannedMoves' | 'place'
>;

const MOST_RULE_S = 900;
/** Snaps so early in second crack are still its first ones, seconds. */
const FIRST_SNAPS_S = 10;

/** The moves that were made in a roast, as a plan to make them again, as far as a plan goes. */
export function movesMade(roast: Pick<Roast, 'entries'>): PlannedMove[] {
  const moves = liveEntries(roast.entries).flatMap((entry) => (entry.kind === 'move' ? [entry] : []));
  return movesFromCharge(moves)
    .filter(({ at }) => at <= PLANNED.latestS)
    .slice(0, PLANNED.moves)
    .map(({ at, control, value }) => ({
      when: { kind: 'at' as const, atS: shownS(at) },
      control,
      ...(value === undefined ? {} : { value }),
    }));
}

/**
 * The rule by which a roast was really pulled: its own kind with the seconds that it came to, whatever was planned; where none was
 * planned, the seconds after the last crack that was marked. Where
 * the crack that it counts from was not marked, the seconds after first crack; where that was not either, the rule as it
 * was. Colour and smell have no figure and stay; so does a probe's.
 */
export function ruleAsDone(roast: Pick<Roast, 'entries' | 'pullRule'>): PullRule | undefined {
  const { firstCrack, firstCrackEnd, secondCrack, pull } = milestonesOfRoast(roast);
  const since = (crack: number | undefined) =>
    crack === undefined || pull === undefined || pull < crack
      ? undefined
      : Math.min(MOST_RULE_S, shownApartS(crack, pull));
  const after = (kind: 'afterFirstCrack' | 'afterFirstCrackEnd' | 'intoSecondCrack', seconds: number | undefined) =>
    seconds === undefined ? undefined : { kind, seconds };
  const afterFirst = after('afterFirstCrack', since(firstCrack));
  switch (roast.pullRule?.kind) {
    case 'colour':
    case 'smell':
    case 'probe':
      return roast.pullRule;
    case 'afterFirstCrackEnd':
      return after('afterFirstCrackEnd', since(firstCrackEnd)) ?? afterFirst ?? roast.pullRule;
    case 'intoSecondCrack':
      return after('intoSecondCrack', since(secondCrack)) ?? afterFirst ?? roast.pullRule;
    case 'firstSnaps': {
      const seconds = since(secondCrack);
      return seconds !== undefined && seconds > FIRST_SNAPS_S ? after('intoSecondCrack', seconds) : roast.pullRule;
    }
    case 'afterFirstCrack':
      return afterFirst ?? roast.pullRule;
    // Nothing was planned: who waits for second crack goes by it.
    case undefined:
      return after('intoSecondCrack', since(secondCrack)) ?? afterFirst;
  }
}

/** What to choose to get a roast again: what was done, not what was planned; the shade as it was meant. */
export function asDone(roast: Roast): Chosen {
  return {
    lotId: roast.lotId,
    gearId: roast.gearId,
    greenGrams: roast.greenGrams,
    wantedShade: meantShade(roast),
    pullRule: ruleAsDone(roast),
    plannedMoves: movesMade(roast),
    place: roast.place,
  };
}
