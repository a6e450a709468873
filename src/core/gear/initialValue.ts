import type { Control } from './controls.ts';

/** The value a control has before it is touched: the switch's `off`, the step's start, nothing for an act. */
export function initialValue(control: Control): string | number | undefined {
  switch (control.kind) {
    case 'switch':
      return control.off;
    case 'step':
      return control.start;
    case 'act':
      return undefined;
  }
}
