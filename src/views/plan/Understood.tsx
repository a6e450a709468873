import { isUnusualRule, ruleWords } from '@/core/plan';
import { useWords } from '@/ui/useHousehold';
import type { Choices } from './useChoices';
import type { Planned } from './usePlanned';

/** Under the sentence: how an amount was understood where that is not plain, and a rule of one's own that is unusual here. */
export function Understood({ choices, planned }: { readonly choices: Choices; readonly planned: Planned }) {
  const words = useWords();
  const { amount, proposed, gear } = planned;
  const unusual = choices.ruleIsTheirs && isUnusualRule(choices.rule, proposed.rule);
  const read = amount.ok ? amount.value : undefined;
  return (
    <>
      {read?.understood && (
        <p className="text-husk mt-2" role="status">
          Understood as {read.understood}: <b>{words.weight(read.grams)}</b> {read.of}.
        </p>
      )}
      {unusual && (
        <p className="text-husk mt-2">
          {ruleWords(choices.rule, words.degrees)} is your own; for {words.shade(choices.shade)} in the {gear.nickname},{' '}
          {ruleWords(proposed.rule, words.degrees)} is usual{byRoasts(proposed.fromRoasts)}.
        </p>
      )}
    </>
  );
}

function byRoasts(count: number): string {
  if (count === 0) return '';
  return `, by ${count === 1 ? 'one roast' : `${count} roasts`} of yours`;
}
