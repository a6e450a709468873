import { type Control, initialValue, steppedValue, valuesOf } from '../gear/index.ts';
import { failure, type Result, success } from '../issues/index.ts';
import { parseNumber, parseWeight, type WeightUnit } from '../units/index.ts';
import type { NextChange } from './nextChange.ts';

/** How much, as somebody writes it, and which way. */
export interface AskedAmount {
  readonly text: string;
  readonly way: 'more' | 'less';
}

const MOST_GRAMS = 1000;
const LEAST_GRAMS = 0.5;
const MOST_SECONDS = 600;

/** A batch so much larger or smaller; a number alone is in `unit`. An issue where it is none, nothing, or over a kilogram. */
export function askedGrams({ text, way }: AskedAmount, unit: WeightUnit): Result<NextChange> {
  const grams = parseWeight(text, unit, { range: { leastGrams: LEAST_GRAMS, mostGrams: MOST_GRAMS } });
  return grams.ok ? success({ kind: 'grams', byGrams: signed(grams.value, way) }) : grams;
}

/** A pull so many seconds later (`more`) or earlier. An issue where it is no number from 1 to 600. */
export function askedPull({ text, way }: AskedAmount): Result<NextChange> {
  if (text.trim() === '') return failure({ code: 'empty', path: [], expected: 'seconds, such as 20' });
  const seconds = parseNumber(text.trim().replace(/\s*s$/, ''), '20');
  if (!seconds.ok) return seconds;
  if (seconds.value < 1 || seconds.value > MOST_SECONDS)
    return failure({
      code: 'outOfRange',
      path: [],
      value: `${seconds.value} s`,
      least: '1 s',
      most: `${MOST_SECONDS} s`,
    });
  return success({ kind: 'pull', byS: signed(seconds.value, way) });
}

const signed = (value: number, way: AskedAmount['way']) => (way === 'more' ? value : -value);

/** What a control may be tried at first, as `valuesOf` writes it: a step above what it stood at, below where it is at its top, the other way of a switch. */
export function nextValue(control: Control, stoodAt: string | number | undefined): string {
  const values = valuesOf(control);
  const base = values.includes(String(stoodAt)) ? stoodAt : initialValue(control);
  if (control.kind === 'switch') return String(base) === control.on ? control.off : control.on;
  const [up, down] = [steppedValue(control, base, 1), steppedValue(control, base, -1)];
  return String(up === base ? down : up);
}

/** A control at one of its values (as `valuesOf` writes them) from yellow on. */
export function askedMove(control: Control, value: string): NextChange {
  return {
    kind: 'move',
    control: control.id,
    value: control.kind === 'step' ? Number(value) : value,
    when: { kind: 'milestone', milestone: 'yellow' },
  };
}
