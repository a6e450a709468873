import { changeWords, comparesParts, type Outcome } from '@/core/experiment';
import type { Written } from '@/core/household';
import { capital } from '@/core/units';
import { partWords } from '@/ui/partWords';
import type { ExperimentNow } from './readExperiments';

/** What a question sets against each other, before and after its answer, and the answers, to be given and once they are given. */
interface AskedWords {
  readonly asked: string;
  readonly known: string;
  readonly outcomes: Readonly<Record<Outcome, string>>;
  readonly answers: Readonly<Record<Outcome, string>>;
}

const ofChange = {
  outcomes: { helped: 'it helped', worse: 'it was worse', noDifference: 'no difference' },
  answers: { helped: 'Yes, it helped.', worse: 'No, it was worse.', noDifference: 'No difference was found.' },
} as const;

/** The words of a question: one change between two roasts, or two parts of one. */
export function askedWords(
  { experiment, a }: Pick<ExperimentNow, 'experiment' | 'a'>,
  words: Pick<Written, 'weight' | 'shade'>,
): AskedWords {
  if (!comparesParts(experiment)) {
    const change = changeWords(experiment.change, a?.gear, words.weight);
    return { asked: `The one change: ${change}.`, known: `${capital(change)}.`, ...ofChange };
  }
  const [first, second] = [experiment.aPullId, experiment.bPullId].map((id) => partWords(a?.roast, id, words.shade));
  // A pull that was taken back leaves no part to name.
  const [one, other] = [first || 'the first part', second || 'the second part'];
  const parts = `Two parts of one roast: ${one} against ${other}.`;
  return {
    asked: parts,
    known: parts,
    outcomes: { helped: `${other} is better`, worse: `${one} is better`, noDifference: 'no difference' },
    answers: {
      helped: `${capital(other)} was better.`,
      worse: `${capital(one)} was better.`,
      noDifference: 'No difference was found.',
    },
  };
}
