import { sum } from 'd3-array';
import type { Case } from './case.ts';
import { type Complaint, isOfLooks, type LookComplaint } from './complaints.ts';
import { type FindingId, findingIds } from './findingNames.ts';
import { missingFrom } from './missing.ts';
import type { Proposal, Sign } from './rule.ts';
import { rules } from './rules/index.ts';
import { calledWords } from './signs.ts';

/** What stands out in a roast, with what speaks for and against it. */
export interface Finding {
  readonly id: FindingId;
  readonly says: string;
  /** How strongly the record says so: a finding has at least 1. */
  readonly weight: number;
  readonly strength: 'perhaps' | 'likely' | 'plain';
  readonly evidence: readonly string[];
  readonly against: readonly string[];
  /** Complaints about this roast that it explains. */
  readonly explains: readonly Complaint[];
  /** Findings that it was weighed against and outweighs. */
  readonly outweighs: readonly FindingId[];
  readonly proposal: Proposal;
}

/** What is said of a roast, the likeliest finding first. */
export interface Diagnosis {
  /** Strongest first; the first one's change is the one to make. Empty when the roast is in order. */
  readonly findings: readonly Finding[];
  /** Whether the roast is in order can only be told where its marks are there. */
  readonly verdict: 'found' | 'inOrder' | 'notEnough';
  /** Complaints of taste that nothing in the roast explains: then it is the grinder, then the brewing (handbook, section 10). */
  readonly unexplained: readonly Complaint[];
  /** The same of the beans themselves: how they look and bite. */
  readonly looksUnexplained: readonly LookComplaint[];
  /** What to record next time, so that there is more to go by. */
  readonly missing: readonly string[];
}

/** Evidence adds up to this before anything is said. */
const SAID_FROM = 1;
const STRONG_FROM = { likely: 1.3, plain: 1.8 };
/** A complaint that a rule explains adds so much, but only to evidence of at least `NEEDS` in the record itself. */
const COMPLAINT = 0.55;
/** Each further complaint that the same rule explains. */
const PER_FURTHER_COMPLAINT = 0.1;
const NEEDS = 0.3;
/** What is heard of the weaker of two that speak against each other, taken off the stronger. */
const DISPUTED = 0.3;
/** A cause that is at least so strong against its consequence takes its place. */
const CAUSE_SHARE = 0.55;

/** Reads a roast by every rule and weighs what they say against each other. */
export function diagnose(evidence: Case): Diagnosis {
  const weighed = findingIds.map((id) => weigh(id, evidence)).filter((each) => each.weight >= SAID_FROM);
  const standing = settle(weighed).map((each) =>
    evidence.liked && each.explains.length === 0 ? { ...each, weight: SAID_FROM } : each,
  );
  const findings = standing
    .sort((a, b) => b.weight - a.weight)
    .map(
      ({ id, weight, signs, explains, outweighs }): Finding => ({
        id,
        says: rules[id].says(evidence),
        weight,
        strength: weight >= STRONG_FROM.plain ? 'plain' : weight >= STRONG_FROM.likely ? 'likely' : 'perhaps',
        evidence: signs.filter((sign) => sign.weight > 0).map(({ says }) => says),
        against: signs.filter((sign) => sign.weight < 0).map(({ says }) => says),
        explains,
        outweighs,
        proposal: rules[id].propose(evidence),
      }),
    );
  const explained = new Set(findings.flatMap((finding) => finding.explains));
  return {
    findings,
    verdict: findings.length > 0 ? 'found' : isTold(evidence) ? 'inOrder' : 'notEnough',
    unexplained: [...evidence.complaints.keys()].filter((each) => !isOfLooks(each) && !explained.has(each)),
    looksUnexplained: [...new Set([...evidence.looks, ...evidence.complaints.keys()])]
      .filter(isOfLooks)
      .filter((each) => !explained.has(each)),
    missing: missingFrom(evidence),
  };
}

/** Every mark that parts one stretch from the next is there. */
const isTold = ({ reached }: Case) =>
  reached.yellow !== undefined && reached.firstCrack !== undefined && reached.pull !== undefined;

interface Weighed {
  readonly id: FindingId;
  readonly weight: number;
  readonly signs: readonly Sign[];
  readonly explains: readonly Complaint[];
  readonly outweighs: readonly FindingId[];
}

function weigh(id: FindingId, evidence: Case): Weighed {
  const rule = rules[id];
  const explains = rule.explains.filter((complaint) => evidence.complaints.has(complaint));
  const said = explains.length > 0 || rule.explains.some((complaint) => evidence.looks.has(complaint));
  const signs = onceEach(rule.signs(evidence, said).filter((sign): sign is Sign => !!sign && sign.weight !== 0));
  const recorded = sum(signs, ({ weight }) => weight);
  // What the eye saw is evidence already, and counts once.
  const more = explains.filter((complaint) => !evidence.looks.has(complaint));
  const words = more.flatMap((complaint) => evidence.complaints.get(complaint) ?? []);
  const says = calledWords(words);
  const heard = more.length > 0 && recorded >= NEEDS && !signs.some((sign) => sign.says === says);
  const told = heard ? COMPLAINT + (more.length - 1) * PER_FURTHER_COMPLAINT : 0;
  const tasted: Sign[] = heard ? [{ says, weight: told }] : [];
  return { id, weight: recorded + told, signs: [...signs, ...tasted], explains, outweighs: [] };
}

/** The same fact counts and is told once. */
function onceEach(signs: readonly Sign[]): Sign[] {
  return signs.filter(({ says }, i) => signs.findIndex((each) => each.says === says) === i);
}

/** Of a cause and what follows from it the cause stays; of two that speak against each other the stronger, less sure. */
function settle(all: readonly Weighed[]): Weighed[] {
  const causes = (a: Weighed, b: Weighed) => rules[a.id].causes.includes(b.id);
  const followsFrom = (each: Weighed) =>
    all.some(
      (cause) =>
        causes(cause, each) &&
        // Where either may bring about the other, the stronger one did.
        cause.weight >= (causes(each, cause) ? 1 : CAUSE_SHARE) * each.weight,
    );
  const left = all.filter((each) => !followsFrom(each));
  const opposed = (a: Weighed, b: Weighed) =>
    a !== b && (rules[a.id].against.includes(b.id) || rules[b.id].against.includes(a.id));
  return left.flatMap((each) => {
    const rivals = left.filter((other) => opposed(each, other));
    if (rivals.some((other) => other.weight > each.weight)) return [];
    const disputed = sum(rivals, ({ weight }) => weight * DISPUTED);
    const weight = each.weight - Math.min(disputed, each.weight - SAID_FROM);
    return [{ ...each, weight, outweighs: rivals.map(({ id }) => id) }];
  });
}
