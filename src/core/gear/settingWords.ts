import type { Control } from './controls.ts';

/** What a control is set to, with its unit: “230 °C”, “off”. */
export function valueWords(control: Control | undefined, value: string | number): string {
  return control?.kind === 'step' && control.unit ? `${value} ${control.unit}` : String(value);
}

/**
 * A setting as it is told, in the middle of a sentence: “flame 3”, “oven 230 °C”, “lid off”; without a value “stir”. What the gear does not
 * have, or has no more, goes by its id.
 */
export function settingWords(controls: readonly Control[], id: string, value?: string | number): string {
  const control = controls.find((each) => each.id === id);
  const label = control?.label.toLowerCase() ?? id;
  return value === undefined ? label : `${label} ${valueWords(control, value)}`;
}
