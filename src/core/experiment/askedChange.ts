import { type Control, storedValue } from '../gear/index.ts';
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

/** A control at one of its values (as `valuesOf` writes them) from yellow on. */
export function askedMove(control: Control, value: string): NextChange {
  return {
    kind: 'move',
    control: control.id,
    value: storedValue(control, value),
    when: { kind: 'milestone', milestone: 'yellow' },
  };
}
