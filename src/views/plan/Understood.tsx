import { isUnusualRule, ruleWords } from '@/core/plan';
import type { ShadeLiking } from '@/core/taste';
import { counted } from '@/core/units';
import { useWords } from '@/ui/useHousehold';
import type { Choices } from './useChoices';
import type { Planned } from './usePlanned';

interface UnderstoodProps {
  readonly choices: Choices;
  readonly planned: Planned;
  /** The shade that was liked best of the beans. */
  readonly liked: ShadeLiking | undefined;
  readonly onShade: (shade: ShadeLiking['shade']) => void;
}

/** Under the sentence: how an amount was understood where that is not plain, and a rule of one's own that is unusual here. */
export function Understood({ choices, planned, liked, onShade }: UnderstoodProps) {
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
      {liked && (
        <p className="text-husk mt-2">
          {choices.shade === liked.shade
            ? `To ${words.shade(liked.shade)}, since of these beans you liked that best, by ${counted(liked.tastings, 'tasting')}.`
            : `Of these beans you liked ${words.shade(liked.shade)} best, by ${counted(liked.tastings, 'tasting')}. `}
          {choices.shade !== liked.shade && (
            <button
              type="button"
              className="text-ink min-h-11 underline underline-offset-4"
              onClick={() => onShade(liked.shade)}
            >
              Roast them so
            </button>
          )}
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
