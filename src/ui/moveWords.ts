import { controlsOf, type Gear } from '@/core/gear';
import { milestoneNames, type PlannedMove } from '@/core/roast';
import { formatClock } from '@/core/units';

/** A planned move in words: "lid off at yellow", "stir at 2:00". */
export function moveWords({ when, control, value }: PlannedMove, gear: Gear): string {
  const label =
    controlsOf(gear)
      .find((each) => each.id === control)
      ?.label.toLowerCase() ?? control;
  const moment = when.kind === 'at' ? formatClock(when.atS) : milestoneNames[when.milestone];
  return `${label}${value === undefined ? '' : ` ${value}`} at ${moment}`;
}
