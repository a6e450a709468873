import { controlsOf, type Gear, settingWords, valueWords } from '../gear/index.ts';
import { milestoneNames } from '../roast/index.ts';
import { formatClock } from '../units/index.ts';
import { precautionNames } from './cares.ts';
import type { NextChange } from './nextChange.ts';

/** A change as what to do: "heat to 5 from yellow", "20 g less". `grams` writes a weight in the household's unit. */
export function changeWords(
  change: NextChange,
  gear: Pick<Gear, 'method' | 'controls'> | undefined,
  grams: (value: number) => string,
): string {
  const controls = controlsOf(gear);
  switch (change.kind) {
    case 'move': {
      const label = settingWords(controls, change.control);
      const when = whenWords(change.when);
      if (change.value === undefined) return `one more ${label} ${when}`;
      const control = controls.find(({ id }) => id === change.control);
      return `${label} ${control?.kind === 'switch' ? '' : 'to '}${valueWords(control, change.value)} ${when}`;
    }
    case 'heat': {
      const steps = Math.abs(change.bySteps) === 1 ? 'a step' : `${Math.abs(change.bySteps)} steps`;
      return `${settingWords(controls, change.control)} ${steps} ${change.bySteps > 0 ? 'higher' : 'lower'} than you had it ${whenWords(change.when)}`;
    }
    case 'grams':
      return `${grams(Math.abs(change.byGrams))} ${change.byGrams > 0 ? 'more' : 'less'}`;
    case 'pull':
      return `pull ${Math.abs(change.byS)} s ${change.byS > 0 ? 'later' : 'earlier'}`;
    case 'coolGear':
      return `let the gear cool for ${Math.round(change.minutes)} min`;
    case 'care':
      return precautionNames[change.care];
  }
}

function whenWords(when: Extract<NextChange, { kind: 'move' }>['when']): string {
  if (when.kind === 'milestone') return `from ${milestoneNames[when.milestone]} on`;
  return when.atS === 0 ? 'from the start' : `at ${formatClock(when.atS)}`;
}
