import { failure, type Result, success } from '../issues/index.ts';
import { type DecimalMark, localDecimalMark } from './decimalMark.ts';
import { parseNumber } from './parseNumber.ts';

/** Grams in one avoirdupois ounce. Source: international yard and pound agreement, 1959. */
export const GRAMS_PER_OUNCE = 28.349523125;

/** The units of weight. */
export const weightUnits = ['g', 'oz'] as const;
/** One of `weightUnits`. */
export type WeightUnit = (typeof weightUnits)[number];

// biome-ignore format: a table, by unit
const GRAMS_PER: Record<string, number> = {
  g: 1, gr: 1, gram: 1, grams: 1, gramme: 1, grammes: 1,
  kg: 1000, kilo: 1000, kilos: 1000,
  oz: GRAMS_PER_OUNCE, ounce: GRAMS_PER_OUNCE, ounces: GRAMS_PER_OUNCE,
  lb: 16 * GRAMS_PER_OUNCE, lbs: 16 * GRAMS_PER_OUNCE, pound: 16 * GRAMS_PER_OUNCE, pounds: 16 * GRAMS_PER_OUNCE,
};

/** What a weight may be, both ends included, in grams. */
export interface WeightRange {
  readonly leastGrams: number;
  readonly mostGrams: number;
}

/**
 * Understands a weight: a number alone is in `unit`; `2 lb 3 oz`, `80,5 g`, `1 1/2 oz` and mixtures add up.
 * Gives grams inside `range`, or the issue to show beside the field. `extraGramsPer` adds measures such as a
 * calibrated scoop (`{ scoop: 11.8 }`, grams each). In grams a mark before three digits stands between thousands, since
 * nobody weighs beans to a thousandth of one; in kilos and pounds `decimalMark` tells.
 */
export function parseWeight(
  text: string,
  unit: WeightUnit,
  options: {
    readonly range?: WeightRange;
    readonly extraGramsPer?: Readonly<Record<string, number>>;
    readonly decimalMark?: DecimalMark;
  } = {},
): Result<number> {
  const gramsPer = { ...GRAMS_PER, ...options.extraGramsPer };
  const example = unit === 'g' ? '80 g' : '2.8 oz';
  if (text.trim() === '') return failure({ code: 'empty', path: [], expected: `a weight such as ${example}` });
  const terms = [
    ...text.trim().matchAll(/(-?[\d.,/½⅓⅔¼¾⅛⅜⅝⅞][\d.,/\s½⅓⅔¼¾⅛⅜⅝⅞]*)\s*([^\d\s.,/½⅓⅔¼¾⅛⅜⅝⅞-]*)\s*(?:\+|and)?\s*/g),
  ];
  if (terms.map((term) => term[0]).join('') !== text.trim())
    return failure({ code: 'notANumber', path: [], text: text.trim(), example });
  let grams = 0;
  for (const [, amount = '', name = ''] of terms) {
    const known = name === '' ? unit : name.toLowerCase().replace(/\.$/, '');
    const factor = gramsPer[known] ?? gramsPer[known.replace(/s$/, '')];
    const parsed = parseNumber(amount, example, factor === 1 ? 'none' : (options.decimalMark ?? localDecimalMark));
    if (!parsed.ok) return parsed;
    if (factor === undefined)
      return failure({
        code: 'unknownUnit',
        path: [],
        unit: name,
        known: ['g', 'kg', 'oz', 'lb', ...(options.extraGramsPer ? ['scoops', 'cups', 'tablespoons'] : [])],
      });
    grams += parsed.value * factor;
  }
  return withinRange(grams, unit, options.range);
}

function withinRange(grams: number, unit: WeightUnit, range?: WeightRange): Result<number> {
  if (!range || (grams >= range.leastGrams && grams <= range.mostGrams)) return success(grams);
  const [value, least, most] = [grams, range.leastGrams, range.mostGrams].map((each) => formatWeight(each, unit)) as [
    string,
    string,
    string,
  ];
  return failure({ code: 'outOfRange', path: [], value, least, most });
}

/** Writes grams in the household's unit: tenths below 10 g, whole grams, kilograms from 1 kg up; ounces to a hundredth below 10 oz. */
export function formatWeight(grams: number, unit: WeightUnit): string {
  if (unit === 'oz') {
    const ounces = grams / GRAMS_PER_OUNCE;
    return `${trimZeros(ounces, Math.abs(ounces) < 10 ? 2 : 1)} oz`;
  }
  if (Math.abs(grams) >= 999.5) return `${trimZeros(grams / 1000, 2)} kg`;
  return `${trimZeros(grams, Math.abs(grams) < 10 ? 1 : 0)} g`;
}

/** The number alone, for filling a field that says its unit; tenths of a gram or hundredths of an ounce. */
export function weightFieldText(grams: number, unit: WeightUnit): string {
  return unit === 'oz' ? trimZeros(grams / GRAMS_PER_OUNCE, 2) : trimZeros(grams, 1);
}

function trimZeros(value: number, decimals: number): string {
  return String(Number(value.toFixed(decimals)));
}
