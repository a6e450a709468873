import type { CrackCourse, CrackKind } from './milestones.ts';

/** After first crack is told second is believed a little more and first a little less, log odds. */
const AFTER_FIRST = { first: 0.3, second: -0.4 };
/**
 * While first crack rolls, and once second does, what sounds so is most likely a crack: it is told from so much less on. The
 * course is not reckoned from it, or what it lets through would hold it up. How it was chosen stands in docs/listening.md.
 */
const TOLD_BELOW = { first: 0.5, second: 2 };

/**
 * What becomes of a sound: it counts for the course, it is only told, or it is nothing. `over` is by how much its log odds exceed
 * the threshold of its kind here.
 */
export function believed(over: number, kind: CrackKind, course: CrackCourse): 'counts' | 'told' | 'nothing' {
  const has = { first: course.firstCrack !== null, second: course.secondCrack !== null };
  const beyond = over - (has.first ? AFTER_FIRST[kind] : 0);
  if (beyond > 0) return 'counts';
  const isOn = kind === 'second' ? has.second : has.first && course.firstCrackEnd === null;
  return isOn && beyond > -TOLD_BELOW[kind] ? 'told' : 'nothing';
}
