import type { Control } from './controls.ts';

/**
 * A setting as it is told, in the middle of a sentence: “flame 3”, “oven 230 °C”, “lid off”, “stir”. What the gear does not have, or has no
 * more, goes by its id.
 */
export function settingWords(controls: readonly Control[], id: string, value?: string | number): string {
  const control = controls.find((each) => each.id === id);
  const label = control?.label.toLowerCase() ?? id;
  if (value === undefined) return label;
  const unit = control?.kind === 'step' && control.unit ? ` ${control.unit}` : '';
  return `${label} ${value}${unit}`;
}
