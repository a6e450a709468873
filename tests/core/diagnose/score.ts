import { caseOf, diagnose } from '@/core/diagnose';
import { recordOf, type Story } from './records.ts';
import { faults, moderate, sound } from './stories.ts';

export interface Score {
  readonly right: number;
  readonly of: number;
  /** What came first instead, for each that went wrong. */
  readonly wrong: readonly string[];
}

const judge = (stories: readonly Story[], seed: number): Score => {
  const wrong = stories.flatMap((story, i) => {
    const [top] = diagnose(caseOf(recordOf(story, seed + i))).findings;
    const found = top?.id ?? 'nothing';
    return found === story.expected ? [] : [`${story.method}: ${story.expected}, found ${found}`];
  });
  return { right: stories.length - wrong.length, of: stories.length, wrong };
};

/** How often the first finding of a record with a known fault is the right one. */
export const judgeFaults = (seed: number): Score => judge(faults, seed);
/** How often nothing is found in a sound record. */
export const judgeSound = (seed: number): Score => judge(sound, seed + 500);
/** The same of faults half as large. */
export const judgeModerate = (seed: number): Score => judge(moderate, seed + 900);
