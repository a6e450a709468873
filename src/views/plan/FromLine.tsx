import { changeWords } from '@/core/experiment';
import type { Gear } from '@/core/gear';
import type { Guide } from '@/core/recipe';
import { formatClock } from '@/core/units';
import { useWords } from '@/ui/useHousehold';
import type { PlanFrom } from './planFrom';

interface FromLineProps {
  readonly from: PlanFrom;
  readonly gear: Gear;
  /** The recipe's times for this batch and gear; undefined until they are reckoned. */
  readonly guide: Guide | undefined;
}

/** Above the sentence: the question this roast is to answer, or the recipe it follows. */
export function FromLine({ from, gear, guide }: FromLineProps) {
  const words = useWords();
  if (from.kind === 'recipe')
    return (
      <p className="border-bill mb-5 border-l-4 pl-4 text-lg">
        By the recipe{' '}
        <a
          className="font-bold underline underline-offset-4"
          href={`/journal/recipe/?id=${encodeURIComponent(from.recipe.id)}`}
        >
          {from.recipe.name}
        </a>
        {from.recipe.by && ` of ${from.recipe.by}`}:{' '}
        {guide ? `${guide.pull === from.recipe.guide.pull ? 'then ' : 'here '}${guideWords(guide)}` : '…'}. The roast
        screen says how far ahead or behind you are.
      </p>
    );
  const { question, change } = from.experiment;
  return (
    <p className="border-bill mb-5 border-l-4 pl-4 text-lg">
      To answer{' '}
      <a className="font-bold underline underline-offset-4" href="/journal/experiments/">
        {question}
      </a>{' '}
      one thing is otherwise this time: <b>{changeWords(change, gear, words.weight)}</b>. Everything else is as it was
      done then; leave it so.
    </p>
  );
}

/** “first crack at 8:02, pull at 10:31” */
function guideWords({ firstCrack, pull }: Guide): string {
  return [
    ...(firstCrack === undefined ? [] : [`first crack at ${formatClock(firstCrack)}`]),
    `pull at ${formatClock(pull)}`,
  ].join(', ');
}
