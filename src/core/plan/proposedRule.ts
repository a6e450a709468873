import { median } from 'd3-array';
import { type Gear, methodOf } from '../gear/index.ts';
import {
  believedMilestones,
  learntShade,
  liveEntries,
  type PullRule,
  type PullRuleKind,
  pullsOf,
  type Roast,
} from '../roast/index.ts';
import { type ShadeNumber, shadeOf } from '../shade/index.ts';
import { schoolOf, schoolsFor } from './pullRules.ts';

/** When one earlier roast on a piece of gear was really pulled, and what it came out as. */
export interface PullRecord {
  readonly shade: ShadeNumber;
  /** Seconds from each crack to the pull, where it was marked. */
  readonly afterFirstCrack: number;
  readonly afterFirstCrackEnd: number | undefined;
  readonly intoSecondCrack: number | undefined;
}

/** A rule for a roast to come, and where its figure comes from. */
export interface ProposedRule {
  readonly rule: PullRule;
  /** Own roasts of this gear that speak in it; 0 where the method's figures do. */
  readonly fromRoasts: number;
}

/** Other shades on the same gear say something of this one from so many roasts on. Ours. */
const LEAST_OTHERS = 2;
/** So much off the proposal is unusual: this share of it, and at least so many seconds. Ours. */
const UNUSUAL_SHARE = 0.35;
const UNUSUAL_S = 15;

const toFives = (seconds: number) => Math.max(5, Math.round(seconds / 5) * 5);

/** What a roast says of pulling; undefined without a first crack and a pull that are believed, without a shade that was looked at, and for parts. */
export function pullRecordOf(roast: Pick<Roast, 'entries' | 'looks'>): PullRecord | undefined {
  const { firstCrack, firstCrackEnd, secondCrack, pull } = believedMilestones(liveEntries(roast.entries));
  const shade = learntShade(roast);
  if (firstCrack === undefined || pull === undefined || shade === undefined || pullsOf(roast).length > 1)
    return undefined;
  const since = (crack: number | undefined) => (crack === undefined || crack > pull ? undefined : pull - crack);
  return pull < firstCrack
    ? undefined
    : {
        shade,
        afterFirstCrack: pull - firstCrack,
        afterFirstCrackEnd: since(firstCrackEnd),
        intoSecondCrack: since(secondCrack),
      };
}

/**
 * The rule of a kind, or of the first kind that fits, for a shade on a piece of gear: as this household's own roasts of
 * that gear and shade were pulled, in the median; else from its roasts of other shades, by each shade's usual share of
 * the time after first crack; else by the method's table (handbook, tables 4 and 5).
 */
export function proposedRule(
  gear: Pick<Gear, 'method' | 'probe'>,
  shade: ShadeNumber,
  records: readonly PullRecord[],
  kind?: PullRuleKind,
): ProposedRule {
  const fitting = schoolsFor(gear, shade);
  const school = fitting.find((each) => each.kind === kind) ?? fitting[0] ?? schoolOf('colour');
  const same = own(
    school.kind,
    records.filter((each) => each.shade === shade),
  );
  if (same) return same;
  const { pull, firstCrack } = methodOf(gear.method);
  const others = records.length >= LEAST_OTHERS ? records : [];
  const ownMediumS = median(others, (each) => each.afterFirstCrack / shadeOf(each.shade).afterCrackShare);
  const rule = school.usual(shade, ownMediumS ?? pull.medianS - firstCrack.medianS);
  const counts = rule.kind === 'afterFirstCrack' || rule.kind === 'afterFirstCrackEnd';
  return { rule, fromRoasts: counts ? others.length : 0 };
}

function own(kind: PullRuleKind, records: readonly PullRecord[]): ProposedRule | undefined {
  if (kind !== 'afterFirstCrack' && kind !== 'afterFirstCrackEnd' && kind !== 'intoSecondCrack') return undefined;
  const seconds = records.flatMap((each) => each[kind] ?? []);
  const middle = median(seconds);
  return middle === undefined ? undefined : { rule: { kind, seconds: toFives(middle) }, fromRoasts: seconds.length };
}

/** Whether a rule lies far off what is proposed for the same shade; rules without seconds never do. */
export function isUnusualRule(rule: PullRule, proposed: PullRule): boolean {
  if (!('seconds' in rule) || !('seconds' in proposed) || rule.kind !== proposed.kind) return false;
  const off = Math.abs(rule.seconds - proposed.seconds);
  return off >= Math.max(UNUSUAL_S, UNUSUAL_SHARE * proposed.seconds);
}
