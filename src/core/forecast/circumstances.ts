import type { Lot } from '../bean/index.ts';
import { controlsOf, type Gear, initialValue, traysOf } from '../gear/index.ts';
import {
  believedMilestones,
  type LiveEntry,
  liveEntries,
  meantShade,
  type PlannedMove,
  pulledMs,
  type Roast,
} from '../roast/index.ts';
import type { Circumstances, PastRoast } from './features.ts';

/** A heat that is set within the first minute counts as the heat the roast began with, seconds. */
const FIRST_MINUTE_S = 60;

type Batch = Pick<
  Roast,
  'lotId' | 'gearId' | 'greenGrams' | 'wantedShade' | 'ambientC' | 'wind' | 'gearHot' | 'plannedMoves'
>;

/** The circumstances of a roast to come; gear or beans that were deleted count as the plainest. */
export function circumstancesOf(roast: Batch, lot: Lot | undefined, gear: Gear | undefined): Circumstances {
  const method = gear?.method ?? 'other';
  return {
    method,
    gearId: roast.gearId,
    lotId: roast.lotId,
    process: lot?.process ?? 'other',
    gramsPerMl: lot?.gramsPerMl,
    // What lies on one tray heats as it would alone.
    greenGrams: roast.greenGrams / (gear ? traysOf(gear) : 1),
    ambientC: roast.ambientC,
    wind: roast.wind,
    gearHot: roast.gearHot,
    heat: plannedHeat(roast.plannedMoves ?? [], gear),
    shade: roast.wantedShade,
  };
}

/** An earlier roast as the forecast learns from it. */
export function pastRoastOf(roast: Roast, lot: Lot | undefined, gear: Gear | undefined): PastRoast {
  const live = liveEntries(roast.entries);
  const reached = believedMilestones(live);
  const shade = live.findLast((entry) => entry.kind === 'pull' && entry.all);
  return {
    ...circumstancesAt(roast, live, lot, gear),
    // How dark it turned out says what the stretch after first crack was for.
    shade: (shade?.kind === 'pull' && shade.shade) || meantShade(roast),
    reached,
    // A pull whose time nobody noted says nothing of how hot the gear was after it.
    pulledMs: reached.pull === undefined ? undefined : pulledMs(roast),
  };
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
  const made = live.flatMap((entry) =>
    entry.kind === 'move'
      ? [{ when: { kind: 'at' as const, atS: Math.max(0, entry.at) }, control: entry.control, value: entry.value }]
      : [],
  );
  return circumstancesOf({ ...roast, plannedMoves: [...(roast.plannedMoves ?? []), ...made] }, lot, gear);
}

function plannedHeat(moves: readonly PlannedMove[], gear: Gear | undefined): number | undefined {
  const heat = controlsOf(gear ?? { method: 'other' }).find((control) => 'axis' in control && control.axis === 'heat');
  const set = moves.findLast(
    ({ when, control }) => control === heat?.id && when.kind === 'at' && when.atS <= FIRST_MINUTE_S,
  );
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
