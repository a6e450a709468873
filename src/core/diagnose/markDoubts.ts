import type { Case } from './case.ts';
import type { Sign } from './rule.ts';
import { fact } from './signs.ts';

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

/** “12 °C below”, of a reading that is far off. */
export function offWords({ probeOffC: offC = 0, written }: Pick<Case, 'probeOffC' | 'written'>): string {
  return `${written.degrees(Math.abs(offC))} ${offC < 0 ? 'below' : 'above'}`;
}

/** Browning and the time after first crack as usual: by the clock the mark is where it belongs. */
export function clockAgrees({ spans }: Pick<Case, 'spans'>): boolean {
  const after = spans.pace ?? spans.afterCrack;
  return !!spans.middle && !!after && Math.abs(spans.middle.off) < 1 && Math.abs(after.off) < 1;
}

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
export function yellowInDoubt(evidence: Case): Sign | undefined {
  return fact(
    yellowSwappedBy(evidence) > IN_DOUBT,
    'Drying and browning lie off opposite ways and first crack came as usual: yellow may be marked off.',
    -0.9,
  );
}
const IN_DOUBT = 0.6;
