import { dueAtS, milestonesOfRoast, PLANNED, type PlannedMove, type Roast } from '../roast/index.ts';
import type { ShadeNumber } from '../shade/index.ts';
import { asDone, type Chosen, ruleAsDone } from './asDone.ts';
import type { NextChange } from './nextChange.ts';

/** The same roast again with the one thing changed; everything else is what was really done. */
export function withChange(roast: Roast, change: NextChange): Chosen {
  const same = asDone(roast);
  const moves = same.plannedMoves ?? [];
  switch (change.kind) {
    case 'grams':
      return { ...same, greenGrams: Math.max(1, roast.greenGrams + change.byGrams) };
    case 'pull':
      return { ...same, pullRule: laterRule(roast, change.byS) };
    case 'move': {
      const { kind: _, ...move } = change;
      const kept = moves.filter((each) => !replacedBy(each, move, roast));
      return { ...same, plannedMoves: [...kept, move].slice(-PLANNED.moves) };
    }
    case 'care':
      return change.care === 'lighter'
        ? { ...same, wantedShade: Math.max(1, same.wantedShade - 1) as ShadeNumber }
        : same;
    // What it was set to nobody knows: the hand goes by its own memory.
    case 'heat':
    case 'coolGear':
      return same;
  }
}

/** Seconds within which a move of the same control is the same move. */
export const SAME_MOVE_S = 45;

function replacedBy(old: PlannedMove, move: PlannedMove, roast: Roast): boolean {
  if (old.control !== move.control || move.value === undefined || old.when.kind !== 'at') return false;
  const atS = dueAtS(move.when, milestonesOfRoast(roast));
  return atS !== undefined && Math.abs(old.when.atS - atS) <= SAME_MOVE_S;
}

/** The rule that really pulled it, so much later; one without seconds, or with too few, gives way to the time after first crack. */
function laterRule(roast: Roast, byS: number): Roast['pullRule'] {
  const done = ruleAsDone(roast);
  const { firstCrack, pull } = milestonesOfRoast(roast);
  const fromFirst =
    firstCrack === undefined || pull === undefined
      ? done
      : { kind: 'afterFirstCrack' as const, seconds: pull - firstCrack };
  const rule = done && 'seconds' in done && done.seconds + byS >= 0 ? done : fromFirst;
  if (!rule || !('seconds' in rule)) return done;
  return { ...rule, seconds: Math.min(900, Math.max(0, Math.round((rule.seconds + byS) / 5) * 5)) };
}
