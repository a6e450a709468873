import type { Roast } from '../roast/index.ts';
import type { Case } from './case.ts';

/** A question of "what's wrong with it?", asked only where the record does not tell. */
export type InterviewQuestion =
  | { readonly kind: 'taste' }
  | { readonly kind: 'look'; readonly field: 'evenness' | 'spots' | 'bite' }
  | { readonly kind: 'cooling' }
  | { readonly kind: 'hot' };

/** What is still to be asked about a roast, at most four questions, the most telling first. */
export function interviewFor(evidence: Case): InterviewQuestion[] {
  const { roast, complaints, cups, reached, sinceLastMin, ownRoasts } = evidence;
  const unlooked = (field: keyof Pick<Roast, 'evenness' | 'spots' | 'bite'>) => roast[field] === undefined;
  const early = (evidence.spans.drying?.off ?? 0) < -1;
  const questions: (InterviewQuestion | false)[] = [
    cups.length === 0 && complaints.size === 0 && { kind: 'taste' },
    unlooked('evenness') && { kind: 'look', field: 'evenness' },
    unlooked('spots') && { kind: 'look', field: 'spots' },
    early && !roast.gearHot && sinceLastMin === undefined && ownRoasts > 0 && { kind: 'hot' },
    unlooked('bite') && (early || (evidence.spans.middle?.off ?? 0) < -1) && { kind: 'look', field: 'bite' },
    reached.cooled === undefined && reached.pull !== undefined && { kind: 'cooling' },
  ];
  return questions.filter((each) => each !== false).slice(0, 4);
}
