import { median } from 'd3-array';
import { type Control, initialValue } from '../gear/index.ts';
import type { LiveEntry, Milestones, PlannedMove } from '../roast/index.ts';

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

/** A control set to something, seconds from charge. */
export interface Setting {
  readonly at: number;
  readonly control: string;
  readonly value?: string | number | undefined;
}

/** Mean steps above the start over a stretch of the roast, by time; as it starts until something else was set. */
export function heatNear(
  settings: readonly Setting[],
  control: HeatControl | undefined,
  fromS: number,
  toS: number,
): number {
  if (!control || toS <= fromS) return 0;
  let steps = 0;
  let atS = fromS;
  let sum = 0;
  for (const setting of settings) {
    if (setting.control !== control.id || setting.at >= toS) continue;
    const at = Math.max(fromS, setting.at);
    sum += steps * (at - atS);
    atS = at;
    steps = stepsAbove(control, setting.value);
  }
  return (sum + steps * (toS - atS)) / (toS - fromS);
}

/** Stretches of a roast by what heat does in them: until yellow, until first crack, until the pull. */
export const heatStretches = ['early', 'middle', 'late'] as const;
export type HeatStretch = (typeof heatStretches)[number];
/** Mean steps of heat above the start in each stretch; absent where none was noted by its end. */
export type HeatSteps = Readonly<Partial<Record<HeatStretch, number>>>;

/** The heat of a roast as it was noted, stretch by stretch. */
export function heatStepsOf(
  settings: readonly Setting[],
  control: HeatControl | undefined,
  { yellow, firstCrack, pull }: Milestones,
): HeatSteps {
  const ends = { early: [0, yellow], middle: [yellow, firstCrack], late: [firstCrack, pull] } as const;
  const first = settings.find((each) => each.control === control?.id);
  return Object.fromEntries(
    heatStretches.flatMap((stretch) => {
      const [fromS, toS] = ends[stretch];
      if (!first || fromS === undefined || toS === undefined || first.at >= toS || toS <= fromS) return [];
      const steps = heatNear(settings, control, fromS, toS);
      return Number.isFinite(steps) ? [[stretch, steps]] : [];
    }),
  );
}

/** The usual heat of many roasts by stretch: the middle of those in which it was noted, at least so many. */
export function usualHeat(all: readonly HeatSteps[], least = 1): HeatSteps {
  return Object.fromEntries(
    heatStretches.flatMap((stretch) => {
      const noted = all.flatMap((each) => each[stretch] ?? []);
      return noted.length < least ? [] : [[stretch, median(noted)]];
    }),
  );
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
export const isAtFirst = ({ at }: Pick<Setting, 'at'>): boolean => at <= FIRST_MINUTE_S;
