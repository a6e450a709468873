import { gramsPerMlOf, type Lot, measuresOf, roastedGramsPerMl } from '../bean/index.ts';
import { failure, type Result, success } from '../issues/index.ts';
import type { ShadeNumber } from '../shade/index.ts';
import {
  DAY_MS,
  type DecimalMark,
  formatWeight,
  parseNumber,
  parseWeight,
  type WeightUnit,
  weightFieldText,
} from '../units/index.ts';

/** Green goes into the roaster, roasted into the jar. */
export type AmountOf = 'green' | 'roasted';

/** How much green, and what it was said in. */
export interface Amount {
  readonly grams: number;
  readonly of: AmountOf;
  /** What was understood, where it is not plain from the text: "21 mugs of 15 g". */
  readonly understood: string | undefined;
}

/** What an amount is reckoned with. */
export interface AmountBasis {
  readonly unit: WeightUnit;
  /** What a number or a weight alone means here. */
  readonly of: AmountOf;
  readonly lot: Pick<Lot, 'gramsPerMl' | 'densityClass' | 'scoopGrams'>;
  readonly shade: ShadeNumber;
  /** Coffee for one mug, grams roasted. */
  readonly mugGrams: number;
  /** What the household drinks a day, grams roasted. */
  readonly dayGrams: number;
  /** What one jar holds where no size is said: what a usual batch of the gear gives, grams roasted. */
  readonly jarGrams: number;
  readonly nowMs: number;
  readonly decimalMark?: DecimalMark;
}

const RANGE = { leastGrams: 1, mostGrams: 100_000 };
// biome-ignore format: a table
const NUMBER_WORDS: Record<string, string> = {
  a: '1', an: '1', one: '1', two: '2', three: '3', four: '4', five: '5', six: '6', seven: '7', eight: '8', nine: '9',
  ten: '10', eleven: '11', twelve: '12', dozen: '12', half: '1/2', quarter: '1/4',
};
const SPAN_DAYS: Record<string, number> = { day: 1, week: 7, fortnight: 14, month: 30 };
const WEEKDAYS = ['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat'];
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/**
 * Understands an amount as people say it: weights (`80 g`, `a pound`), measures (`8 scoops`, `1 1/2 cups`: by the
 * density of green or of roasted beans), mugs to drink, jars (`two jars of 250 g`), any of them a day or a week `for` so
 * long, and `until Friday`. Mugs, jars and what is used up over days are roasted; everything else is what `basis.of`
 * says, unless `green` or `roasted` stands behind it. Gives the issue to show beside the field, never throws
 * (handbook, section 14).
 */
export function parseAmount(text: string, basis: AmountBasis): Result<Amount> {
  const said = text.trim().replace(/\s+/g, ' ');
  const plain = withNumbers(said.toLowerCase().replace(/^(?:about|around|roughly|enough|~)\s*/, ''));
  const state = / (green|roasted)$/.exec(plain)?.[1] as AmountOf | undefined;
  const bare = plain.replace(/ (?:green|roasted)$/, '');
  const until = /^(?:until|till|to last until) (?:the )?(.+)$/.exec(bare);
  if (until) return daysUntil(until[1] ?? '', said, basis);
  const [, once = bare, per, count = '1', span] =
    /^(.*?)(?: (?:a|1|per|each|every) (day|week|fortnight|month))?(?: for (?:the )?(?:(\S+(?: \d+\/\d+)?) )?(day|week|fortnight|month)s?)?$/.exec(
      bare.replace(/^for /, ' for '),
    ) ?? [];
  if (per === undefined && span === undefined) return single(once, state, basis, plain !== said.toLowerCase());
  if (span === undefined) return failure({ code: 'noSpan', path: [], text: said });
  const spans = parseNumber(count, '2');
  if (!spans.ok) return spans;
  const days = spans.value * (SPAN_DAYS[span] ?? 1);
  // "For a week" alone is what the household drinks in a week.
  if (once === '') return used(days, basis);
  // Without "a day" mugs are a day's, as people say "3 mugs for a week"; a weight is meant once.
  const perDays = per ? (SPAN_DAYS[per] ?? 1) : undefined;
  if (perDays === undefined) return failure({ code: 'noSpan', path: [], text: `${once} a day` });
  const one = single(once, state, { ...basis, of: 'roasted' });
  if (!one.ok) return one;
  return total(one.value, days / perDays, `${round(days)} days`, basis);
}

/**
 * Understands what is used: "29 g", "2 mugs a day", "half a pound a week"; without a span it is a day's. Gives grams a
 * day, or the issue to show beside the field.
 */
export function parseUse(text: string, basis: AmountBasis): Result<number> {
  const spans = / (?:a|per|each|every) (?:day|week|fortnight|month)$/.test(text.trim().toLowerCase());
  const read = parseAmount(spans ? `${text.trim()} for a day` : text, { ...basis, of: 'roasted' });
  return read.ok ? success(read.value.grams) : read;
}

/** One amount, without days. */
function single(text: string, state: AmountOf | undefined, basis: AmountBasis, spelled = false): Result<Amount> {
  const { unit, lot, shade, decimalMark } = basis;
  const options = { range: RANGE, ...(decimalMark ? { decimalMark } : {}) };
  const jars = /^(.+?) jars?(?: (?:of|with|à) (.+))?$/.exec(text);
  if (jars) {
    const size = jars[2] === undefined ? undefined : parseWeight(jars[2], unit, options);
    if (size && !size.ok) return size;
    return counted(jars[1], 'jar', size?.value ?? basis.jarGrams, basis);
  }
  const mugs = /^(.+?) (?:mugs?|cups? of coffee)$/.exec(text);
  if (mugs) return counted(mugs[1], 'mug', basis.mugGrams, basis);
  const of = state ?? basis.of;
  const measures = measuresOf(lot, unit, of === 'roasted' ? shade : undefined);
  const level = text.replace(/\b(?:level|heaped|measuring) /g, '');
  const read = parseWeight(level, unit, { ...options, extraGramsPer: measures });
  if (!read.ok) return read;
  const measure = /(cup|scoop|tablespoon|tbsp?|spoon|teaspoon|tsp|ml|litre|liter|l)s?\b\.?$/.exec(level)?.[1];
  const changed = spelled || state !== undefined || /\d[.,]\d{3}(?!\d)/.test(text);
  const understood = measure
    ? measureWords(measure, measures[measure] ?? 0, of, basis)
    : changed
      ? `${formatWeight(read.value, unit)} ${of}`
      : undefined;
  return success({ grams: read.value, of, understood });
}

function counted(count: string | undefined, what: 'jar' | 'mug', each: number, basis: AmountBasis): Result<Amount> {
  const read = parseNumber(count ?? '', '3');
  if (!read.ok) return read;
  const words = `${round(read.value)} ${what}${read.value === 1 ? '' : 's'} of ${weightFieldText(each, basis.unit)} ${basis.unit}`;
  return inRange({ grams: read.value * each, of: 'roasted', understood: words }, basis);
}

function total(one: Amount, times: number, over: string, basis: AmountBasis): Result<Amount> {
  const each = one.understood ?? formatWeight(one.grams, basis.unit);
  return inRange({ grams: one.grams * times, of: one.of, understood: `${over}, ${round(times)} × ${each}` }, basis);
}

function used(days: number, basis: AmountBasis): Result<Amount> {
  const day = formatWeight(basis.dayGrams, basis.unit);
  const understood = `${round(days)} ${days === 1 ? 'day' : 'days'} of ${day}`;
  return inRange({ grams: days * basis.dayGrams, of: 'roasted', understood }, basis);
}

/** From tomorrow to the day that is named, which is drunk as well. */
function daysUntil(day: string, said: string, basis: AmountBasis): Result<Amount> {
  const now = new Date(basis.nowMs);
  const begin = new Date(now.getFullYear(), now.getMonth(), now.getDate());
  const found = dayNamed(day, begin);
  if (!found) return failure({ code: 'notANumber', path: [], text: said, example: 'until Friday, or until the 15th' });
  return used(Math.round((found.getTime() - begin.getTime()) / DAY_MS), basis);
}

/** The next such day after `from`: a weekday, "15th", "15 dec". */
function dayNamed(text: string, from: Date): Date | undefined {
  const weekday = WEEKDAYS.findIndex((name) => text.startsWith(name));
  if (weekday >= 0) {
    const ahead = (weekday - from.getDay() + 7) % 7 || 7;
    return new Date(from.getFullYear(), from.getMonth(), from.getDate() + ahead);
  }
  const [, day, name] = /^(\d{1,2})(?:st|nd|rd|th)?(?: (?:of )?([a-z]{3,}))?$/.exec(text) ?? [];
  if (!day) return undefined;
  const month = name ? MONTHS.indexOf(name.slice(0, 3)) : undefined;
  if (month === -1) return undefined;
  for (let ahead = 0; ahead <= 12; ahead++) {
    const found = new Date(from.getFullYear(), from.getMonth() + ahead, Number(day));
    if (found > from && found.getDate() === Number(day) && (month ?? found.getMonth()) === found.getMonth())
      return found;
  }
  return undefined;
}

function inRange(amount: Amount, { unit }: AmountBasis): Result<Amount> {
  if (amount.grams >= RANGE.leastGrams && amount.grams <= RANGE.mostGrams) return success(amount);
  const [value, least, most] = [amount.grams, RANGE.leastGrams, RANGE.mostGrams].map((each) =>
    formatWeight(each, unit),
  );
  return failure({ code: 'outOfRange', path: [], value: value ?? '', least: least ?? '', most: most ?? '' });
}

/** What a measure was taken to hold, and by what. */
function measureWords(measure: string, each: number, of: AmountOf, { unit, lot, shade }: AmountBasis): string {
  // To a tenth, so that the sum can be followed.
  const weighs = `${weightFieldText(each, unit)} ${unit} ${of} each`;
  if (measure === 'scoop')
    return lot.scoopGrams === undefined
      ? `scoops of two tablespoons, ${weighs}; weigh one level scoop and write it on the lot`
      : `your scoops, ${weighs}`;
  if (measure === 'cup') return `measuring cups, ${weighs}; to drink, write mugs`;
  if (/^(?:ml|l|litre|liter)$/.test(measure)) {
    const perMl = of === 'roasted' ? roastedGramsPerMl(shade) : gramsPerMlOf(lot);
    return `by volume, ${formatWeight(100 * perMl, unit)} ${of} to 100 ml`;
  }
  return `level ${/^t(?:ea|sp)/.test(measure) ? 'teaspoons' : 'tablespoons'}, ${weighs}`;
}

/** Number words as figures: "half a pound" is "1/2 pound", "a dozen mugs" is "12 mugs". */
function withNumbers(text: string): string {
  return text
    .replace(/\b(half|quarter) (?:an?|of an?) /g, '$1 ')
    .replace(/\ba (?=dozen|half|quarter)/g, '')
    .replace(/\b(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|dozen|half|quarter)\b/g, (word) =>
      String(NUMBER_WORDS[word]),
    );
}

const round = (value: number) => Math.round(value * 100) / 100;
