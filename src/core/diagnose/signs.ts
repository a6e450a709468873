import { formatClock } from '../units/index.ts';
import type { Case } from './case.ts';
import type { Sign } from './rule.ts';
import { type SpanKey, spanNames } from './spans.ts';

/** Off by so many standard deviations a figure begins to speak, and by so many more it speaks plainly. */
const SPEAKS_FROM = 1;
const PLAIN_AFTER = 1.5;
const MOST = 1.5;

/** How much a figure that lies `off` standard deviations to one side says, 0 to 1.5. */
export function weightOf(off: number): number {
  return Math.min(MOST, Math.max(0, (off - SPEAKS_FROM) / PLAIN_AFTER));
}

/** A stretch that was longer or shorter than usual here; `share` of its full weight. */
export function spanSign(its: Case, key: SpanKey, side: 'long' | 'short', share = 1): Sign | undefined {
  const span = its.spans[key];
  if (!span) return undefined;
  const weight = weightOf(side === 'long' ? span.off : -span.off) * share;
  if (weight === 0) return undefined;
  const { earlyS, lateS } = span.usual;
  const took = key === 'toFirstCrack' ? 'came at' : 'took';
  const given = key === 'middle' ? 'after such a drying, ' : '';
  return {
    says: `${spanNames[key]} ${took} ${formatClock(span.seconds)}; ${given}${usualWords(its)} ${formatClock(earlyS)} to ${formatClock(lateS)}.`,
    weight,
  };
}

/** Within so many standard deviations a stretch is plainly as usual. */
const AS_USUAL = 0.75;

/** A stretch that was as usual speaks against what would have changed it. */
export function asUsual(its: Case, key: SpanKey, weight: number): Sign | undefined {
  const span = its.spans[key];
  if (!span || Math.abs(span.off) > AS_USUAL) return undefined;
  return { says: `${spanNames[key]} was as usual, ${formatClock(span.seconds)}.`, weight: -weight };
}

/**
 * By how many standard deviations browning and the time after first crack lie off in opposite ways while the whole is as
 * usual: so looks a first crack that was marked too soon or too late. 0 where they do not.
 */
export function swappedBy({ spans }: Pick<Case, 'spans'>): number {
  const { middle, total } = spans;
  const after = spans.pace ?? spans.afterCrack;
  if (!middle || !after || !total || Math.abs(total.off) >= WHOLE_WITHIN || middle.off * after.off >= 0) return 0;
  return Math.min(Math.abs(middle.off), Math.abs(after.off));
}
const WHOLE_WITHIN = 1.5;

/**
 * By how many standard deviations drying and browning lie off in opposite ways while first crack came as usual: so looks a
 * yellow that was pressed too late or too soon. 0 where they do not.
 */
export function yellowSwappedBy({ spans: { drying, browning, toFirstCrack } }: Pick<Case, 'spans'>): number {
  if (!drying || !browning || !toFirstCrack || Math.abs(toFirstCrack.off) >= CRACK_WITHIN) return 0;
  return drying.off * browning.off >= 0 ? 0 : Math.min(Math.abs(drying.off), Math.abs(browning.off));
}
const CRACK_WITHIN = 1;

/** What speaks against a fault of drying or browning where yellow itself is in doubt. */
export function yellowInDoubt(its: Case): Sign | undefined {
  return fact(
    yellowSwappedBy(its) > IN_DOUBT,
    'Drying and browning lie off opposite ways and first crack came as usual: yellow may be marked off.',
    -0.9,
  );
}
const IN_DOUBT = 0.6;

/** A plain fact with its weight. */
export function fact(holds: boolean | undefined, says: string, weight: number): Sign | undefined {
  return holds ? { says, weight } : undefined;
}

/** Whose usual range it is. */
export function usualWords(its: Case): string {
  if (its.ownRoasts < 3) return 'with this method it is usually';
  return `on ${its.gear?.nickname ?? 'this gear'} it is usually`;
}
