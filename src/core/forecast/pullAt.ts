import type { UsualSeconds } from '../gear/index.ts';
import type { Milestones, PullRule } from '../roast/index.ts';
import { type ShadeNumber, shadeOf } from '../shade/index.ts';

/** When the milestones that a rule counts from are, or are expected to be. */
export interface PullAnchors {
  readonly firstCrack: UsualSeconds;
  readonly firstCrackEnd: UsualSeconds;
  readonly secondCrack: UsualSeconds;
  /** The pull by the shade alone. */
  readonly byShade: UsualSeconds;
}

/** From first to second crack, °C: the middles of handbook section 6, 199 to 226. */
export const DEGREES_TO_SECOND_CRACK = 27;

/** Snaps are first heard this long before second crack rolls, seconds; common roasting knowledge. */
const SNAPS_BEFORE_S = 8;

/** So much later than wanted is dangerous for any shade that goes into second crack, seconds; ours. */
export const SECOND_CRACK_LATE_S = 20;

/** Seconds of rolling second crack that are meant, by a rule that counts them, else by the shade; undefined where none are: any of it is too much. */
export function wantedIntoSecondS(shade: ShadeNumber, rule: PullRule | undefined): number | undefined {
  if (rule?.kind === 'intoSecondCrack') return rule.seconds;
  return shadeOf(shade).secondCrackS || undefined;
}

/** Seconds of rolling second crack after which the beans must be out, whatever else the rule says. */
function secondCrackGuardS(shade: ShadeNumber, rule: PullRule | undefined): number {
  const wanted = wantedIntoSecondS(shade, rule);
  return wanted === undefined ? 0 : wanted + SECOND_CRACK_LATE_S;
}

/** When to pull, and whether the rule or the guard says so. */
export interface PullAt extends UsualSeconds {
  readonly by: 'rule' | 'guard';
}

/** The earlier of the rule and the guard; without a rule, of the shade's usual time and the guard. */
export function pullAt(rule: PullRule | undefined, shade: ShadeNumber, anchors: PullAnchors): PullAt {
  const byRule = ruleAt(rule, anchors);
  const guard = plus(anchors.secondCrack, secondCrackGuardS(shade, rule));
  return guard.medianS < byRule.medianS ? { ...guard, by: 'guard' } : { ...byRule, by: 'rule' };
}

function ruleAt(rule: PullRule | undefined, { byShade, ...cracks }: PullAnchors): UsualSeconds {
  const ofEnd = (end: keyof UsualSeconds) =>
    meantPullS(rule, {
      firstCrack: cracks.firstCrack[end],
      firstCrackEnd: cracks.firstCrackEnd[end],
      secondCrack: cracks.secondCrack[end],
    }) ?? byShade[end];
  return { earlyS: ofEnd('earlyS'), medianS: ofEnd('medianS'), lateS: ofEnd('lateS') };
}

/** When a rule says to pull, seconds from charge; undefined where it goes by no time, or its crack is not known. */
export function meantPullS(
  rule: PullRule | undefined,
  { firstCrack, firstCrackEnd, secondCrack }: Milestones,
): number | undefined {
  const after = (at: number | undefined, seconds: number) => (at === undefined ? undefined : at + seconds);
  switch (rule?.kind) {
    case 'afterFirstCrack':
      return after(firstCrack, rule.seconds);
    case 'afterFirstCrackEnd':
      return after(firstCrackEnd, rule.seconds);
    case 'firstSnaps':
      return after(secondCrack, -SNAPS_BEFORE_S);
    case 'intoSecondCrack':
      return after(secondCrack, rule.seconds);
    case 'probe': {
      const share = rule.degreesPast / DEGREES_TO_SECOND_CRACK;
      const span = firstCrack === undefined || secondCrack === undefined ? undefined : secondCrack - firstCrack;
      return span === undefined ? undefined : after(firstCrack, share * span);
    }
    case 'colour':
    case 'smell':
    case undefined:
      return undefined;
  }
}

/** Whether a pull goes by what is seen or smelled, so that its shade tells its time. */
export function goesByShade(rule: PullRule | undefined): boolean {
  return rule === undefined || rule.kind === 'colour' || rule.kind === 'smell';
}

function plus(usual: UsualSeconds, seconds: number): UsualSeconds {
  return { medianS: usual.medianS + seconds, earlyS: usual.earlyS + seconds, lateS: usual.lateS + seconds };
}
