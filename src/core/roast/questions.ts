import type { Id } from '../ids/index.ts';
import type { LiveEntry } from './liveEntries.ts';
import { type Milestones, milestoneOf, milestonesOf } from './milestones.ts';
import type { Milestone } from './roastKinds.ts';

/** Something about the marks that cannot be, or hardly. It is asked about; nothing is refused. */
export type Question =
  | {
      readonly kind: 'missingBefore';
      readonly entryId: Id<'entry'>;
      readonly milestone: Milestone;
      readonly missing: Milestone;
    }
  | {
      readonly kind: 'beforeEarlier';
      readonly entryId: Id<'entry'>;
      readonly milestone: Milestone;
      readonly other: Milestone;
      readonly otherAt: number;
      readonly at: number;
    }
  | {
      readonly kind: 'tooSoon';
      readonly entryId: Id<'entry'>;
      readonly milestone: Milestone;
      readonly other: Milestone | 'charge';
      readonly afterS: number;
    }
  | { readonly kind: 'tooLate'; readonly entryId: Id<'entry'>; readonly milestone: Milestone; readonly at: number }
  | {
      readonly kind: 'twice';
      readonly entryId: Id<'entry'>;
      readonly milestone: Milestone;
      readonly at: number;
      readonly earlierId: Id<'entry'>;
      readonly earlierAt: number;
    };

/** What must come before what. Yellow may well go unmarked, so nothing but order is asked of it. */
const ORDER: readonly Milestone[] = ['yellow', 'firstCrack', 'firstCrackEnd', 'secondCrack', 'pull', 'cooled'];
const NEEDS: Partial<Record<Milestone, Milestone>> = { firstCrackEnd: 'firstCrack', secondCrack: 'firstCrack' };

/** A first crack from here on may be one, seconds; sooner it is a slip whatever stands before it. Ours. */
const LEAST_CRACK_S = 60;

/** Shortest believable seconds from one milestone to the next; a floor below the fastest of table 4, our own figures. */
const LEAST_AFTER: Partial<Record<Milestone, readonly (readonly [Milestone | 'charge', number])[]>> = {
  yellow: [['charge', 25]],
  firstCrack: [
    ['yellow', 20],
    ['charge', LEAST_CRACK_S],
  ],
  firstCrackEnd: [['firstCrack', 15]],
  secondCrack: [['firstCrack', 25]],
};

/** What a milestone follows too closely to be believed, and by how much; undefined where it may well be. */
function tooSoonAfter(milestone: Milestone, at: number, reachedAt: (other: Milestone) => number | undefined) {
  for (const [other, leastS] of LEAST_AFTER[milestone] ?? []) {
    const from = other === 'charge' ? 0 : reachedAt(other);
    if (from !== undefined && at - from < leastS) return { other, afterS: at - from };
  }
  return undefined;
}

/** No roast of the handbook's table 4 takes a third of this; our own figure. */
const LATEST_S = 5400;

/**
 * Every question that the marks raise and that the person has not answered by standing by the entry, in order of time.
 * Takes live entries; an entry raises one question at the most, the gravest first.
 */
export function questionsAbout(live: readonly LiveEntry[]): Question[] {
  const marks = live.flatMap((entry) => {
    const milestone = milestoneOf(entry);
    return milestone
      ? [{ milestone, at: entry.at, pressedAt: entry.pressedAt, entryId: entry.id, sure: entry.sure }]
      : [];
  });
  type Mark = (typeof marks)[number];
  const holding = new Map<Milestone, Mark>();
  for (const mark of [...marks].sort((a, b) => a.pressedAt - b.pressedAt)) holding.set(mark.milestone, mark);

  const askAbout = (mark: Mark): Question | undefined => {
    const { milestone, entryId, at } = mark;
    const earlier = marks.find((other) => other.milestone === milestone && other !== mark);
    if (earlier) return { kind: 'twice', entryId, milestone, at, earlierId: earlier.entryId, earlierAt: earlier.at };
    for (const later of ORDER.slice(0, ORDER.indexOf(milestone))) {
      const other = holding.get(later);
      if (other && at < other.at)
        return { kind: 'beforeEarlier', entryId, milestone, other: later, otherAt: other.at, at };
    }
    const missing = NEEDS[milestone];
    if (missing && !holding.has(missing)) return { kind: 'missingBefore', entryId, milestone, missing };
    const soon = tooSoonAfter(milestone, at, (other) => holding.get(other)?.at);
    if (soon) return { kind: 'tooSoon', entryId, milestone, ...soon };
    return at > LATEST_S && milestone !== 'cooled' ? { kind: 'tooLate', entryId, milestone, at } : undefined;
  };
  return [...holding.values()].sort((a, b) => a.at - b.at).flatMap((mark) => (mark.sure ? [] : (askAbout(mark) ?? [])));
}

/**
 * The milestones that may be learned from and judged by: without those that are asked about and not answered. Where first
 * crack follows yellow too closely it is yellow that was forgotten and pressed late, as long as first crack can be one.
 */
export function believedMilestones(live: readonly LiveEntry[]): Milestones {
  const reached = { ...milestonesOf(live) };
  for (const question of questionsAbout(live)) {
    const { milestone } = question;
    const lateYellow =
      question.kind === 'tooSoon' && question.other === 'yellow' && (reached.firstCrack ?? 0) >= LEAST_CRACK_S;
    delete reached[lateYellow ? 'yellow' : milestone];
  }
  return reached;
}
