import { type Difference, differencesFrom, ruleWords } from '@/core/plan';
import type { Roast } from '@/core/roast';
import { moveWords } from '@/ui/moveWords';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import { setUpOf } from './start';
import type { Choices } from './useChoices';
import type { Planned } from './usePlanned';

interface SinceProps {
  readonly choices: Choices;
  readonly planned: Planned;
  readonly earlier: Roast | undefined;
}

/** More changes than one or two at a time teach nothing, and a list of them is no sentence. */
const MOST_SAID = 3;

/** The end of the sentence: like which roast, and what is otherwise this time. */
export function Since({ choices, planned, earlier }: SinceProps) {
  const dates = useRoastDates();
  const words = useWords();
  const last = earlier ?? planned.lastOfLot;
  if (!last || !planned.batches) return null;
  const found = differencesFrom(last, setUpOf(choices, planned, earlier));
  const said = found.slice(0, MOST_SAID).map((each) => differenceWords(each, planned, words));
  return (
    <span className="text-husk">
      Like {dates.date(last.createdAt)}
      {said.length > 0 && `, but ${said.join(', ')}`}
      {found.length > MOST_SAID && ' and more'}.
    </span>
  );
}

function differenceWords(each: Difference, { gear, stock }: Planned, words: ReturnType<typeof useWords>): string {
  switch (each.kind) {
    case 'lot':
      return `of ${stock.lot.name}`;
    case 'gear':
      return `in the ${gear.nickname}`;
    case 'grams':
      return `${words.weight(Math.abs(each.byGrams))} ${each.byGrams > 0 ? 'more' : 'less'}`;
    case 'shade':
      return each.to > each.from ? 'darker' : 'lighter';
    case 'rule':
      return `pulled ${ruleWords(each.rule, words.degrees)}`;
    case 'move':
      return moveWords(each.move, gear);
    case 'place':
      return each.place;
  }
}
