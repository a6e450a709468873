import type { Gear, GearReminder } from '../gear/index.ts';
import type { Precaution } from './cares.ts';
import { changeWords } from './changeWords.ts';
import type { NextChange } from './nextChange.ts';

/** When a care is called out at the heat; the others are seen to before the beans go in, or after they are out. */
const CALLED_AT: Partial<Record<Precaution, GearReminder['when']>> = {
  stirMore: { kind: 'at', atS: 0 },
  moreAirflow: { kind: 'milestone', milestone: 'yellow' },
  byColour: { kind: 'milestone', milestone: 'firstCrack' },
  coolFaster: { kind: 'milestone', milestone: 'firstCrack' },
};

/**
 * The one change of an experiment as something to be called out at the heat, where no plan can hold it: the heat against what
 * nobody noted, and what no control has. Undefined for what the plan calls out or brings about itself.
 */
export function changeReminder(
  change: NextChange,
  gear: Pick<Gear, 'method' | 'controls'> | undefined,
): GearReminder | undefined {
  const when = change.kind === 'heat' ? change.when : change.kind === 'care' ? CALLED_AT[change.care] : undefined;
  return when && { when, text: `The one change: ${changeWords(change, gear, String)}` };
}
