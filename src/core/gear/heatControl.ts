import type { Control } from './controls.ts';

/** The control that sets the heat, with steps that can be counted. */
export type HeatControl = Extract<Control, { kind: 'step' | 'words' }>;

/** The gear's control of heat; undefined for gear that is on or off. */
export function heatControl(controls: readonly Control[]): HeatControl | undefined {
  return controls.find(
    (control): control is HeatControl =>
      (control.kind === 'step' || control.kind === 'words') && control.axis === 'heat',
  );
}
