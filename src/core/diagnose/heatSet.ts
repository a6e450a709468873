import { type Control, initialValue } from '../gear/index.ts';
import type { LiveEntry } from '../roast/index.ts';

/** The control that sets the heat, with steps that can be counted. */
export type HeatControl = Extract<Control, { kind: 'step' | 'words' }>;

/** The gear's control of heat; undefined for gear that is on or off. */
export function heatControl(controls: readonly Control[]): HeatControl | undefined {
  return controls.find(
    (control): control is HeatControl =>
      (control.kind === 'step' || control.kind === 'words') && control.axis === 'heat',
  );
}

/** How many steps a setting lies above (below 0) where the control starts. */
export function stepsAbove(control: HeatControl, value: string | number | undefined): number {
  if (value === undefined) return 0;
  if (control.kind === 'words') return control.words.indexOf(String(value)) - control.words.indexOf(control.start);
  return (Number(value) - Number(initialValue(control))) / control.by;
}

/** The setting so many steps from where the control starts, held inside its bounds. */
export function settingAt(control: HeatControl, steps: number): string | number {
  if (control.kind === 'words') {
    const at = control.words.indexOf(control.start) + steps;
    return control.words[Math.min(control.words.length - 1, Math.max(1, at))] as string;
  }
  return Math.min(control.most, Math.max(control.least + control.by, control.start + steps * control.by));
}

/** Mean steps above the start over a stretch of the roast, by time. */
export function heatNear(
  live: readonly LiveEntry[],
  control: HeatControl | undefined,
  fromS: number,
  toS: number,
): number {
  if (!control || toS <= fromS) return 0;
  let steps = 0;
  let atS = fromS;
  let sum = 0;
  for (const entry of live) {
    if (entry.kind !== 'move' || entry.control !== control.id || entry.at >= toS) continue;
    const at = Math.max(fromS, entry.at);
    sum += steps * (at - atS);
    atS = at;
    steps = stepsAbove(control, entry.value);
  }
  return (sum + steps * (toS - atS)) / (toS - fromS);
}
