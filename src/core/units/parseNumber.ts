import { failure, type Result, success } from '../issues/index.ts';
import { type DecimalMark, localDecimalMark } from './decimalMark.ts';

// biome-ignore format: a table
const FRACTION_SIGNS: Record<string, string> = {
  '½': '1/2', '⅓': '1/3', '⅔': '2/3', '¼': '1/4', '¾': '3/4', '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8',
};

/**
 * Understands a number as people write it: `80`, `80.5`, `80,5`, `1 1/2`, `1½`, `1,234.5`, `1.234,5`.
 * A single mark before exactly three digits (`1,500`) has two meanings: it stands before decimals where it is
 * `decimalMark`, else between thousands. Gives an issue, never throws; the sign is kept (`-3`).
 */
export function parseNumber(
  text: string,
  example = '80 or 80.5',
  decimalMark: DecimalMark | 'none' = localDecimalMark,
): Result<number> {
  const trimmed = text
    .trim()
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (sign) => ` ${FRACTION_SIGNS[sign]}`)
    .trim();
  const mixed = /^(-?)(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)$/.exec(trimmed);
  if (mixed) {
    const value = Number(mixed[2] ?? 0) + Number(mixed[3]) / Number(mixed[4]);
    return Number.isFinite(value) ? success(mixed[1] ? -value : value) : notANumber(text, example);
  }
  if (!/^-?\d[\d.,]*$|^-?[.,]\d+$/.test(trimmed)) return notANumber(text, example);
  return parseMarks(trimmed, text, example, decimalMark);
}

function parseMarks(digits: string, text: string, example: string, decimalMark: string): Result<number> {
  const marks = digits.replace(/[^.,]/g, '');
  if (marks.length === 0) return success(Number(digits));
  const last = Math.max(digits.lastIndexOf('.'), digits.lastIndexOf(','));
  const whole = digits.slice(0, last);
  const decimals = digits.slice(last + 1);
  if (marks.length === 1) {
    const groups = /^-?[1-9]\d{0,2}$/.test(whole) && decimals.length === 3 && marks !== decimalMark;
    if (groups) return success(Number(`${whole}${decimals}`));
    return success(Number(`${whole || '0'}.${decimals || '0'}`));
  }
  const grouping = marks[0] as string;
  const groups = whole.split(grouping);
  const wellGrouped = groups.slice(1).every((group) => /^\d{3}$/.test(group));
  if (!wellGrouped) return notANumber(text, example);
  const joined = groups.join('');
  if (digits[last] === grouping)
    return decimals.length === 3 ? success(Number(joined + decimals)) : notANumber(text, example);
  return success(Number(`${joined}.${decimals || '0'}`));
}

function notANumber<T>(text: string, example: string): Result<T> {
  return failure({ code: 'notANumber', path: [], text: text.trim(), example });
}
