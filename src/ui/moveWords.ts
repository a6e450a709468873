import { controlsOf, type Gear, settingWords } from '@/core/gear';
import { milestoneNames, type PlannedMove } from '@/core/roast';
import { formatClock } from '@/core/units';

/** A planned move in words: "lid off at yellow", "stir at 2:00". */
export function moveWords({ when, control, value }: PlannedMove, gear: Gear | undefined): string {
  const moment = when.kind === 'at' ? formatClock(when.atS) : milestoneNames[when.milestone];
  return `${settingWords(controlsOf(gear), control, value)} at ${moment}`;
}
