import { useEffect } from 'react';
import { useLatest } from '@/ui/useSteady';

/** What the keys of the roast screen do. */
export interface RoastKeys {
  readonly next: () => void;
  readonly pull: () => void;
  readonly undo: () => void;
  readonly earlier: () => void;
  readonly pop: () => void;
  readonly reading: () => void;
  readonly note: () => void;
  readonly help: () => void;
  readonly smell: (index: number) => void;
  readonly colour: (index: number) => void;
  readonly step: (axis: 'heat' | 'air', by: 1 | -1) => void;
}

/** Listens for the keys while the roast screen is up. Typing in a field and open dialogs keep their keys. */
export function useRoastKeys(keys: RoastKeys): void {
  const latest = useLatest(keys);
  useEffect(() => {
    const down = (event: KeyboardEvent) => {
      if (isElsewhere(event)) return;
      const act = actionFor(event, latest.current);
      if (!act) return;
      event.preventDefault();
      if (!event.repeat) act();
    };
    // A focused button would also take the Space when it comes up again.
    const up = (event: KeyboardEvent) => {
      if (event.code === 'Space' && !isElsewhere(event)) event.preventDefault();
    };
    window.addEventListener('keydown', down, true);
    window.addEventListener('keyup', up, true);
    return () => {
      window.removeEventListener('keydown', down, true);
      window.removeEventListener('keyup', up, true);
    };
  }, [latest]);
}

/** A field for a note or a reading, and nothing in it: there Space has nothing to write, and marks. */
function isEmptyField(target: HTMLElement | null): boolean {
  return target instanceof HTMLInputElement && target.dataset.marksOnSpace !== undefined && target.value === '';
}

function isElsewhere(event: KeyboardEvent): boolean {
  // While somebody taps along, every key is a pop.
  if (document.documentElement.dataset.tapping) return true;
  if (event.ctrlKey || event.metaKey || event.altKey) return true;
  const target = event.target as HTMLElement | null;
  if (event.code === 'Space' && isEmptyField(target)) return false;
  return Boolean(target?.closest?.('input, textarea, select, [role="dialog"], dialog, [role="group"] [role="radio"]'));
}

function actionFor(event: KeyboardEvent, keys: RoastKeys): (() => void) | undefined {
  const digit = /^Digit([1-9])$/.exec(event.code)?.[1];
  if (digit) return () => (event.shiftKey ? keys.colour : keys.smell)(Number(digit) - 1);
  if (event.code === 'Space') return event.shiftKey ? keys.pull : keys.next;
  switch (event.key) {
    case 'PageDown':
      return keys.next;
    case 'PageUp':
      return keys.undo;
    case 'ArrowUp':
      return () => keys.step('heat', 1);
    case 'ArrowDown':
      return () => keys.step('heat', -1);
    case 'ArrowRight':
      return () => keys.step('air', 1);
    case 'ArrowLeft':
      return () => keys.step('air', -1);
    case '?':
      return keys.help;
    default:
      return { u: keys.undo, b: keys.earlier, c: keys.pop, t: keys.reading, n: keys.note }[event.key.toLowerCase()];
  }
}
