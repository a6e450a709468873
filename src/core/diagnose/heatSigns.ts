import type { HeatStretch } from '../forecast/index.ts';
import type { Case } from './case.ts';
import type { Sign } from './rule.ts';
import { fact } from './signs.ts';

const inStretch = { early: 'until yellow', middle: 'in browning', late: 'after first crack' } as const;
/** So many steps off the heat was set otherwise, and within so many as usual. */
const OTHERWISE = 0.7;
const ALIKE = 0.4;

/** By how many steps the heat was turned up (down, below 0) for browning, from where it starts if nothing was noted before. */
function turnedBy({ heat: { noted } }: Pick<Case, 'heat'>): number | undefined {
  return noted.middle === undefined ? undefined : noted.middle - (noted.early ?? 0);
}

/** Heat that was set above or below what this person usually sets; nothing where either is not known. */
export function heatSign(
  evidence: Case,
  stretch: HeatStretch,
  side: 'above' | 'below',
  weight: number,
): Sign | undefined {
  const off = evidence.heat.off[stretch];
  const by = off ?? (stretch === 'middle' ? turnedBy(evidence) : undefined);
  if (by === undefined || (side === 'above' ? by < OTHERWISE : by > -OTHERWISE)) return undefined;
  const usual = evidence.heat.against === 'own' ? 'what you usually set' : 'where it starts';
  const says =
    off === undefined
      ? `The heat was turned ${side === 'above' ? 'up' : 'down'} in browning.`
      : `The heat was ${stepsWords(by)} ${side} ${usual} ${inStretch[stretch]}.`;
  return { says, weight: off === undefined ? TURNED_SHARE * weight : weight };
}
/** Turning it down for browning may well be this person's way: nobody knows yet. */
const TURNED_SHARE = 0.6;

/** Heat that was noted and set as this person usually sets it. */
export function heatAsUsual(evidence: Case, stretch: HeatStretch, weight: number): Sign | undefined {
  const off = evidence.heat.off[stretch];
  return fact(off !== undefined && Math.abs(off) < ALIKE, `The heat was set as usual ${inStretch[stretch]}.`, weight);
}

function stepsWords(count: number): string {
  const whole = Math.max(1, Math.round(Math.abs(count)));
  return whole === 1 ? 'a step' : `${whole} steps`;
}
