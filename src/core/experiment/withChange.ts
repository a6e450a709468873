import { liveEntries, milestonesOfRoast, type PlannedMove, type Roast } from '../roast/index.ts';
import type { ShadeNumber } from '../shade/index.ts';
import type { NextChange } from './nextChange.ts';

/** What is chosen for a roast to come. */
export type Chosen = Pick<
  Roast,
  'lotId' | 'gearId' | 'greenGrams' | 'wantedShade' | 'pullRule' | 'plannedMoves' | 'place'
>;

const MOST_MOVES = 20;

/** The moves that were made in a roast, as a plan to make them again. */
export function movesMade(roast: Pick<Roast, 'entries'>): PlannedMove[] {
  return liveEntries(roast.entries)
    .flatMap((entry) =>
      entry.kind === 'move'
        ? [
            {
              when: { kind: 'at' as const, atS: Math.max(0, Math.round(entry.at)) },
              control: entry.control,
              ...(entry.value === undefined ? {} : { value: entry.value }),
            },
          ]
        : [],
    )
    .slice(0, MOST_MOVES);
}

/** The same roast again with the one thing changed; everything else is what was really done. */
export function withChange(roast: Roast, change: NextChange): Chosen {
  const moves = movesMade(roast);
  const same: Chosen = {
    lotId: roast.lotId,
    gearId: roast.gearId,
    greenGrams: roast.greenGrams,
    wantedShade: roast.wantedShade,
    pullRule: roast.pullRule,
    plannedMoves: moves,
    place: roast.place,
  };
  switch (change.kind) {
    case 'grams':
      return { ...same, greenGrams: Math.max(1, roast.greenGrams + change.byGrams) };
    case 'pull':
      return { ...same, pullRule: laterRule(roast, change.byS) };
    case 'move': {
      const { kind: _, ...move } = change;
      const kept = moves.filter((each) => !replacedBy(each, move, roast));
      return { ...same, plannedMoves: [...kept, move].slice(-MOST_MOVES) };
    }
    case 'care':
      return change.care === 'lighter'
        ? { ...same, wantedShade: Math.max(1, roast.wantedShade - 1) as ShadeNumber }
        : same;
    case 'coolGear':
      return same;
  }
}

/** Seconds within which an old move of the same control is the one that is changed. */
const SAME_MOVE_S = 45;

function replacedBy(old: PlannedMove, move: PlannedMove, roast: Roast): boolean {
  if (old.control !== move.control || move.value === undefined || old.when.kind !== 'at') return false;
  const reached = milestonesOfRoast(roast);
  const atS = move.when.kind === 'at' ? move.when.atS : reached[move.when.milestone];
  return atS !== undefined && Math.abs(old.when.atS - atS) <= SAME_MOVE_S;
}

/** The rule that pulled it, or the time after first crack that it really took, so much later. */
function laterRule(roast: Roast, byS: number): Roast['pullRule'] {
  const { firstCrack, pull } = milestonesOfRoast(roast);
  const later = (seconds: number) => Math.min(900, Math.max(0, Math.round((seconds + byS) / 5) * 5));
  switch (roast.pullRule?.kind) {
    case 'afterFirstCrackEnd':
    case 'intoSecondCrack':
      return { ...roast.pullRule, seconds: later(roast.pullRule.seconds) };
    default:
      return firstCrack === undefined || pull === undefined
        ? roast.pullRule
        : { kind: 'afterFirstCrack', seconds: later(pull - firstCrack) };
  }
}
