import { type HeatControl, initialValue } from '../gear/index.ts';
import type { LiveEntry, PlannedMove } from '../roast/index.ts';

/** How many steps a setting lies above (below 0) where the control starts. */
export function stepsAbove(control: HeatControl, value: string | number | undefined): number {
  if (value === undefined) return 0;
  if (control.kind === 'words') return control.words.indexOf(String(value)) - control.words.indexOf(control.start);
  return (Number(value) - Number(initialValue(control))) / control.by;
}

/** The setting so many steps from where the control starts, held inside its bounds. */
export function settingAt(control: HeatControl, steps: number): string | number {
  if (control.kind === 'words') {
    const index = control.words.indexOf(control.start) + steps;
    return control.words[Math.min(control.words.length - 1, Math.max(1, index))] as string;
  }
  return Math.min(control.most, Math.max(control.least + control.by, control.start + steps * control.by));
}

/** A control set to something, seconds from charge. */
export interface Setting {
  readonly at: number;
  readonly control: string;
  readonly value?: string | number | undefined;
}

/** Every setting of a roast in order of time: what was planned for its beginning, and what was set. */
export function settingsOf(planned: readonly PlannedMove[] = [], live: readonly LiveEntry[]): Setting[] {
  const meant = planned.flatMap(({ when, control, value }) =>
    when.kind === 'at' ? [{ at: when.atS, control, value }] : [],
  );
  const made = live.flatMap((entry) =>
    entry.kind === 'move' ? [{ at: Math.max(0, entry.at), control: entry.control, value: entry.value }] : [],
  );
  return [...meant.filter(isAtFirst), ...made].sort((a, b) => a.at - b.at);
}

/** A heat that is set within the first minute counts as the heat the roast began with, seconds. */
const FIRST_MINUTE_S = 60;
/** Whether a setting was made in the first minute, and so is the heat that the roast began with. */
export const isAtFirst = ({ at }: Pick<Setting, 'at'>): boolean => at <= FIRST_MINUTE_S;
