import { DEGREES_TO_SECOND_CRACK } from '../forecast/index.ts';
import { type Gear, methodOf } from '../gear/index.ts';
import type { PullRule, PullRuleKind } from '../roast/index.ts';
import { FIRST_CRACK_END_SHARE, SECOND_CRACK_SHARE, type ShadeNumber, shadeOf } from '../shade/index.ts';
import { formatClock } from '../units/index.ts';

/** A school of pulling: how it is said in a plan, and what its people go by. */
export interface PullSchool {
  readonly kind: PullRuleKind;
  readonly school: string;
  /** Whether it makes sense on a piece of gear, for a shade. */
  readonly fits: (gear: Pick<Gear, 'method' | 'probe'>, shade: ShadeNumber) => boolean;
  /** The rule with the figures to start from; `afterCrackS` is medium's usual time after first crack on this gear, seconds. */
  readonly usual: (shade: ShadeNumber, afterCrackS: number) => PullRule;
}

const senses = (gear: Pick<Gear, 'method'>) => methodOf(gear.method).senses;
const round5 = (seconds: number) => Math.max(5, Math.round(seconds / 5) * 5);

/**
 * The schools of handbook section 5, in the order they are offered. Which of them fit which gear is common roasting
 * knowledge: a fan drowns single snaps and the thinning end of first crack, an oven's door keeps smell in, and second
 * crack says nothing to somebody who wants it light. None goes by time alone: each clock starts at a crack.
 */
export const pullSchools: readonly PullSchool[] = [
  {
    kind: 'afterFirstCrack',
    school: 'By the clock from first crack: repeatable, as long as first crack was marked when it began to roll.',
    fits: (_, shade) => shade <= 5,
    usual: (shade, afterCrackS) => ({
      kind: 'afterFirstCrack',
      seconds: round5(afterCrackS * shadeOf(shade).afterCrackShare),
    }),
  },
  {
    kind: 'afterFirstCrackEnd',
    school: 'By the crack: first crack has a plain end, and the beans coast from there.',
    fits: (gear, shade) => senses(gear).quietSounds && shade >= 3 && shade <= 5,
    usual: (shade, afterCrackS) => ({
      kind: 'afterFirstCrackEnd',
      seconds: Math.max(0, round5(afterCrackS * (shadeOf(shade).afterCrackShare - FIRST_CRACK_END_SHARE))),
    }),
  },
  {
    kind: 'firstSnaps',
    school: 'By the crack: out at the first snaps of second, before it rolls. Needs quiet gear and a keen ear.',
    fits: (gear, shade) => senses(gear).quietSounds && (shade === 4 || shade === 5),
    usual: () => ({ kind: 'firstSnaps' }),
  },
  {
    kind: 'intoSecondCrack',
    school: 'By the crack: so many seconds of rolling second crack. Dark, quick, and near to smoke; stand by it.',
    fits: (_, shade) => shade >= 5,
    usual: (shade) => ({ kind: 'intoSecondCrack', seconds: shadeOf(shade).secondCrackS }),
  },
  {
    kind: 'colour',
    school: 'By colour: hold the beans against one you liked, in the same light. Oil tells too late.',
    fits: () => true,
    usual: () => ({ kind: 'colour' }),
  },
  {
    kind: 'probe',
    school: 'By your own probe: degrees past its own reading at first crack. True for that probe in that gear only.',
    fits: (gear) => gear.probe !== undefined,
    usual: (shade) => ({
      kind: 'probe',
      degreesPast: Math.round(DEGREES_TO_SECOND_CRACK * (shadeOf(shade).afterCrackShare / SECOND_CRACK_SHARE)),
    }),
  },
  {
    kind: 'smell',
    school: 'By smell: sweet turns to smoke. Best beside another sign, since noses tire.',
    fits: (gear) => senses(gear).smell,
    usual: () => ({ kind: 'smell' }),
  },
];

/** What is offered on a piece of gear for a shade; never empty, since colour is always there. */
export function schoolsFor(gear: Pick<Gear, 'method' | 'probe'>, shade: ShadeNumber): PullSchool[] {
  return pullSchools.filter(({ fits }) => fits(gear, shade));
}

/** The school of a rule. */
export function schoolOf(kind: PullRuleKind): PullSchool {
  const found = pullSchools.find((each) => each.kind === kind);
  if (!found) throw new RangeError(`kind must be a pull rule, got ${kind}`);
  return found;
}

/** A rule's time as a clock, "2:05", where it is long enough that nobody counts it in seconds: from two minutes on. */
export function ruleClock(seconds: number): string | undefined {
  return seconds < 120 ? undefined : formatClock(seconds);
}

const spanWords = (seconds: number): string => ruleClock(seconds) ?? `${seconds} s`;

/** A rule as it stands in a sentence: "75 s after first crack". `degrees` writes a difference of temperatures. */
export function ruleWords(rule: PullRule, degrees: (celsius: number) => string): string {
  switch (rule.kind) {
    case 'afterFirstCrack':
      return `${spanWords(rule.seconds)} after first crack`;
    case 'afterFirstCrackEnd':
      return rule.seconds === 0 ? 'as first crack ends' : `${spanWords(rule.seconds)} after first crack ends`;
    case 'firstSnaps':
      return 'at the first snaps of second crack';
    case 'intoSecondCrack':
      return `${spanWords(rule.seconds)} into second crack`;
    case 'colour':
      return 'by colour';
    case 'probe':
      return `${degrees(rule.degreesPast)} past first crack`;
    case 'smell':
      return 'by smell';
  }
}
