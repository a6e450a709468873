import type { Lot } from '../bean/index.ts';
import { controlsOf, type Gear, gramsOnTray, heatControl, initialValue } from '../gear/index.ts';
import {
  believedMilestones,
  type LiveEntry,
  learntShade,
  liveEntries,
  type Milestones,
  meantShade,
  type PlannedMove,
  type PullRule,
  pulledMs,
  type Roast,
} from '../roast/index.ts';
import type { Circumstances, PastRoast } from './features.ts';
import { isAtFirst, type Setting, settingsOf } from './heatSet.ts';

type Batch = Pick<Roast, 'lotId' | 'gearId' | 'greenGrams' | 'wantedShade' | 'ambientC' | 'wind' | 'gearHot'>;
/** A batch with what was meant to be set. */
type Planned = Batch & { readonly plannedMoves?: readonly PlannedMove[] | undefined };

/** The circumstances of a roast to come; gear or beans that were deleted count as the plainest. */
export function circumstancesOf(roast: Planned, lot: Lot | undefined, gear: Gear | undefined): Circumstances {
  return circumstancesWith(roast, settingsOf(roast.plannedMoves, []), lot, gear);
}

function circumstancesWith(
  roast: Batch,
  settings: readonly Setting[],
  lot: Lot | undefined,
  gear: Gear | undefined,
): Circumstances {
  const method = gear?.method ?? 'other';
  return {
    method,
    gearId: roast.gearId,
    lotId: roast.lotId,
    process: lot?.process ?? 'other',
    gramsPerMl: lot?.gramsPerMl,
    usualGrams: gear?.usualGrams && gramsOnTray(gear, gear.usualGrams),
    greenGrams: gramsOnTray(gear, roast.greenGrams),
    ambientC: roast.ambientC,
    wind: roast.wind,
    gearHot: roast.gearHot,
    heat: heatAtFirst(settings, gear),
    shade: roast.wantedShade,
  };
}

/** What the forecast learns from a roast, without its log: it is kept beside the roast, so that no log is read again. */
export interface RoastTold extends Batch {
  readonly chargedAt?: string | undefined;
  /** What was set, planned for the first minute or done. */
  readonly settings: readonly Setting[];
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
    wantedShade: (pulled && learntShade(roast)) ?? meantShade(roast),
    settings: settingsOf(roast.plannedMoves, live),
    reached,
    // A staged pull has a rule for each of its parts.
    rule: roast.plannedParts ? undefined : roast.pullRule,
    // A pull whose time nobody noted says nothing of how hot the gear was after it.
    pulledMs: reached.pull === undefined ? undefined : pulledMs(roast),
  };
}

/** An earlier roast as the forecast learns from it, with the beans and gear as they are known now. */
export function pastRoastOf(told: RoastTold, lot: Lot | undefined, gear: Gear | undefined): PastRoast {
  const { reached, rule, pulledMs: pulled, settings } = told;
  return { ...circumstancesWith(told, settings, lot, gear), reached, rule, pulledMs: pulled, settings };
}

/**
 * The circumstances of a roast as it was or is made: the heat that it was planned to begin with, unless another was set
 * within the first minute, planned or not.
 */
export function circumstancesAt(
  roast: Planned,
  live: readonly LiveEntry[],
  lot: Lot | undefined,
  gear: Gear | undefined,
): Circumstances {
  return circumstancesWith(roast, settingsOf(roast.plannedMoves, live), lot, gear);
}

function heatAtFirst(settings: readonly Setting[], gear: Gear | undefined): number | undefined {
  const heat = heatControl(controlsOf(gear));
  const set = settings.findLast((each) => each.control === heat?.id && isAtFirst(each));
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
