import { FREEDOM, KNOWN_FROM, rangeEdge } from '../forecast/index.ts';
import { formatClock } from '../units/index.ts';
import type { Case } from './case.ts';
import type { Sign } from './rule.ts';
import { type Span, type SpanKey, spanNames } from './spans.ts';

/** A figure speaks from the edge of its range on, which lies so many standard deviations out. */
const SPEAKS_FROM = rangeEdge(FREEDOM);
/** What it says at the edge grows from here, and is plain so many further. */
const GROWS_FROM = 0.9;
const PLAIN_AFTER = 1.4;
const MOST = 1.5;
/** What the method's range says counts a little less than what this gear's own does. */
const METHOD_SHARE = 0.8;

/** How much a figure that lies `off` standard deviations to one side says, 0 to 1.5: nothing inside its quoted range. */
function weightOf(off: number): number {
  return off <= SPEAKS_FROM ? 0 : Math.min(MOST, (off - GROWS_FROM) / PLAIN_AFTER);
}

/**
 * A stretch that was longer or shorter than usual here; `share` of its full weight. Where the cup complains (`said`) it may
 * also be out of the method's range, though it is always so here.
 */
export function spanSign(
  evidence: Case,
  key: SpanKey,
  side: 'long' | 'short',
  share = 1,
  said = false,
): Sign | undefined {
  const weigh = (span: Span | undefined) => (span ? weightOf(side === 'long' ? span.off : -span.off) * share : 0);
  const here = weigh(evidence.spans[key]);
  const byMethod = said && evidence.ownRoasts > 0 ? METHOD_SHARE * weigh(evidence.byMethod[key]) : 0;
  if (here === 0 && byMethod === 0) return undefined;
  const span = (here >= byMethod ? evidence.spans : evidence.byMethod)[key] as Span;
  const { earlyS, lateS } = span.usual;
  const took = key === 'toFirstCrack' ? 'came at' : 'took';
  const given = key === 'middle' ? 'after such a drying, ' : '';
  const whose = here >= byMethod ? usualWords(evidence) : METHOD_USUAL;
  return {
    says: `${spanNames[key]} ${took} ${formatClock(span.seconds)}; ${given}${whose} ${formatClock(earlyS)} to ${formatClock(lateS)}.`,
    weight: Math.max(here, byMethod),
  };
}

/** Within so many standard deviations a stretch is plainly as usual. */
const AS_USUAL = 0.75;

/** A stretch that was as usual speaks against what would have changed it, unless it is always out of the method's range. */
export function asUsual(evidence: Case, key: SpanKey, weight: number, said = false): Sign | undefined {
  const span = evidence.spans[key];
  if (!span || Math.abs(span.off) > AS_USUAL) return undefined;
  // Where the whole is out of the method's range, a stretch far to that side had its part in it.
  const byMethod = Math.abs(evidence.byMethod[key]?.off ?? 0);
  if (said && byMethod > (isOutOfMethod(evidence) ? GROWS_FROM : SPEAKS_FROM)) return undefined;
  return { says: `${spanNames[key]} was as usual, ${formatClock(span.seconds)}.`, weight: -weight };
}

/** So far beyond the method's range a roast is out of it, whatever is usual here and whoever liked it. */
const FAR = 1.25;

function isOutOfMethod({ methodRange: range }: Case): boolean {
  return range !== undefined && (range.seconds > range.lateS || range.seconds < range.earlyS);
}

/**
 * The whole roast longer or shorter than usual here, and beyond or below what the method takes for the shade: one sign, with
 * the range that says most.
 */
export function wholeSign(evidence: Case, side: 'long' | 'short', said: boolean): Sign | undefined {
  const here = spanSign(evidence, 'total', side, 0.7);
  const { seconds, earlyS, lateS } = evidence.methodRange ?? NO_RANGE;
  const out = side === 'long' ? seconds > lateS : seconds < earlyS;
  if (!out) return here;
  const far = side === 'long' ? seconds > FAR * lateS : seconds < earlyS / FAR;
  // Of gear that nobody knows yet the method's range is all there is.
  const weight = far && (said || evidence.ownRoasts < KNOWN_FROM) ? 1.05 : said ? 0.65 : 0.5;
  return {
    says: `The whole roast took ${formatClock(seconds)}; this method usually takes ${formatClock(earlyS)} to ${formatClock(lateS)} for the shade.`,
    weight: weight + (here?.weight ?? 0),
  };
}
const NO_RANGE = { seconds: Number.NaN, earlyS: Number.NaN, lateS: Number.NaN };

/** What a cup or a roast was called, in the words that somebody chose. */
export const calledWords = (words: readonly string[]): string => `It was called ${words.join(', ')}.`;

/** A plain fact with its weight. */
export function fact(holds: boolean | undefined, says: string, weight: number): Sign | undefined {
  return holds ? { says, weight } : undefined;
}

const METHOD_USUAL = 'with this method it is usually';

/** Whose usual range it is. */
function usualWords(evidence: Case): string {
  if (evidence.ownRoasts === 0) return METHOD_USUAL;
  if (evidence.ownRoasts < KNOWN_FROM)
    return `by the first roasts on ${evidence.gear?.nickname ?? 'this gear'} it is usually`;
  return `on ${evidence.gear?.nickname ?? 'this gear'} it is usually`;
}
