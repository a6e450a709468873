import type { Lot } from '../bean/index.ts';
import { controlsOf, type Gear, initialValue, traysOf } from '../gear/index.ts';
import {
  believedMilestones,
  type LiveEntry,
  liveEntries,
  type Milestones,
  meantShade,
  type PlannedMove,
  type PullRule,
  pulledMs,
  type Roast,
} from '../roast/index.ts';
import type { Circumstances, PastRoast } from './features.ts';

/** A heat that is set within the first minute counts as the heat the roast began with, seconds. */
const FIRST_MINUTE_S = 60;

type Batch = Pick<Roast, 'lotId' | 'gearId' | 'greenGrams' | 'wantedShade' | 'ambientC' | 'wind' | 'gearHot'> & {
  readonly plannedMoves?: readonly PlannedMove[] | undefined;
};

/** The circumstances of a roast to come; gear or beans that were deleted count as the plainest. */
export function circumstancesOf(roast: Batch, lot: Lot | undefined, gear: Gear | undefined): Circumstances {
  const method = gear?.method ?? 'other';
  return {
    method,
    gearId: roast.gearId,
    lotId: roast.lotId,
    process: lot?.process ?? 'other',
    gramsPerMl: lot?.gramsPerMl,
    usualGrams: gear?.usualGrams && gear.usualGrams / traysOf(gear),
    // What lies on one tray heats as it would alone.
    greenGrams: roast.greenGrams / (gear ? traysOf(gear) : 1),
    ambientC: roast.ambientC,
    wind: roast.wind,
    gearHot: roast.gearHot,
    heat: plannedHeat(roast.plannedMoves ?? [], gear),
    shade: roast.wantedShade,
  };
}

/** What the forecast learns from a roast, without its log: it is kept beside the roast, so that no log is read again. */
export interface RoastTold extends Batch {
  readonly chargedAt?: string | undefined;
  readonly reached: Milestones;
  readonly rule?: PullRule | undefined;
  readonly pulledMs?: number | undefined;
}

/** What a roast told, by its log and its plan. */
export function toldBy(roast: Roast): RoastTold {
  const live = liveEntries(roast.entries.filter(({ kind }) => kind !== 'reading' && kind !== 'crack'));
  const reached = believedMilestones(live);
  const pulled = live.findLast((entry) => entry.kind === 'pull' && entry.all);
  const { lotId, gearId, greenGrams, ambientC, wind, gearHot, chargedAt } = roast;
  return {
    lotId,
    gearId,
    greenGrams,
    ambientC,
    wind,
    gearHot,
    chargedAt,
    // How dark it turned out says what the stretch after first crack was for.
    wantedShade: (pulled?.kind === 'pull' && pulled.shade) || meantShade(roast),
    plannedMoves: movesAtFirst(roast.plannedMoves, live),
    reached,
    // A staged pull has a rule for each of its parts.
    rule: roast.plannedParts ? undefined : roast.pullRule,
    // A pull whose time nobody noted says nothing of how hot the gear was after it.
    pulledMs: reached.pull === undefined ? undefined : pulledMs(roast),
  };
}

/** An earlier roast as the forecast learns from it, with the beans and gear as they are known now. */
export function pastRoastOf(told: RoastTold, lot: Lot | undefined, gear: Gear | undefined): PastRoast {
  const { reached, rule, pulledMs: pulled } = told;
  return { ...circumstancesOf(told, lot, gear), reached, rule, pulledMs: pulled };
}

/**
 * The circumstances of a roast as it was or is made: the heat that it was planned to begin with, unless another was set
 * within the first minute, planned or not.
 */
export function circumstancesAt(
  roast: Batch,
  live: readonly LiveEntry[],
  lot: Lot | undefined,
  gear: Gear | undefined,
): Circumstances {
  return circumstancesOf({ ...roast, plannedMoves: movesAtFirst(roast.plannedMoves, live) }, lot, gear);
}

/** The moves of the first minute: what was planned, and after it what was done. */
function movesAtFirst(planned: readonly PlannedMove[] = [], live: readonly LiveEntry[]): PlannedMove[] {
  const made = live.flatMap((entry) =>
    entry.kind === 'move'
      ? [{ when: { kind: 'at' as const, atS: Math.max(0, entry.at) }, control: entry.control, value: entry.value }]
      : [],
  );
  return [...planned, ...made].filter(isAtFirst);
}

const isAtFirst = ({ when }: PlannedMove) => when.kind === 'at' && when.atS <= FIRST_MINUTE_S;

function plannedHeat(moves: readonly PlannedMove[], gear: Gear | undefined): number | undefined {
  const heat = controlsOf(gear ?? { method: 'other' }).find((control) => 'axis' in control && control.axis === 'heat');
  const set = moves.findLast((move) => move.control === heat?.id && isAtFirst(move));
  if (!heat || set?.value === undefined) return undefined;
  if (heat.kind === 'words') {
    const place = (value: unknown) => heat.words.indexOf(String(value)) + 1;
    return ratioOf(place(set.value), place(initialValue(heat)));
  }
  return ratioOf(Number(set.value), Number(initialValue(heat)));
}

/** Undefined where one of them is no setting of the control, as after it was changed from words to steps. */
function ratioOf(set: number, usual: number): number | undefined {
  const ratio = set / usual;
  return Number.isFinite(ratio) && ratio > 0 ? ratio : undefined;
}
