// Kept apart from the schema, so that the roast screen does not load the validator.
import type { Control } from './controls.ts';

/** The value a control has before it is touched: the switch's `off`, where the others start, nothing for an act. */
export function initialValue(control: Control): string | number | undefined {
  switch (control.kind) {
    case 'switch':
      return control.off;
    case 'step':
    case 'words':
      return control.start;
    case 'act':
      return undefined;
  }
}

/** The next value up or down from `value`, held at the ends; undefined for what has no up and down. */
export function steppedValue(
  control: Control,
  value: string | number | undefined,
  by: 1 | -1,
): string | number | undefined {
  switch (control.kind) {
    case 'step':
      return Math.min(control.most, Math.max(control.least, Number(value) + by * control.by));
    case 'words': {
      const index = control.words.indexOf(String(value));
      return control.words[Math.min(control.words.length - 1, Math.max(0, index + by))];
    }
    case 'switch':
    case 'act':
      return undefined;
  }
}

/** The values that a control can be set to, the likeliest change first; none for an act. */
export function valuesOf(control: Control): string[] {
  switch (control.kind) {
    case 'act':
      return [];
    case 'switch':
      return [control.on, control.off];
    case 'words':
      return control.words;
    case 'step': {
      const count = Math.round((control.most - control.least) / control.by) + 1;
      return Array.from({ length: count }, (_, i) => String(control.least + i * control.by));
    }
  }
}

/** A value as it is stored: a number where the control goes in steps. */
export const storedValue = (control: Control, written: string): string | number =>
  control.kind === 'step' ? Number(written) : written;

/**
 * What a control is proposed to be set to, as `valuesOf` writes it: a step above what it stood at, below where that is its top,
 * the other way of a switch. Where nothing is known of that, from where it starts; nothing for an act.
 */
export function proposedValue(control: Control, stoodAt?: string | number): string | undefined {
  if (control.kind === 'act') return undefined;
  const values = valuesOf(control);
  const base = values.includes(String(stoodAt)) ? stoodAt : initialValue(control);
  if (control.kind === 'switch') return String(base) === control.on ? control.off : control.on;
  const [up, down] = [steppedValue(control, base, 1), steppedValue(control, base, -1)];
  return String(up === base ? down : up);
}
