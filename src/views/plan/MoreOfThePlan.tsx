import { PlannedMoves } from './PlannedMoves';
import { StagedChoice } from './StagedChoice';
import type { Choices } from './useChoices';
import type { Planned } from './usePlanned';
import { WhatIf } from './WhatIf';

interface MoreOfThePlanProps {
  readonly choices: Choices;
  readonly planned: Planned;
  readonly choose: (some: Partial<Choices>) => void;
}

/** What the sentence does not hold: parts, moves, what would be otherwise. Loaded after the beans can go in. */
export function MoreOfThePlan({ choices, planned, choose }: MoreOfThePlanProps) {
  return (
    <div className="mt-8 grid gap-x-10 gap-y-8 md:grid-cols-2">
      <StagedChoice choices={choices} planned={planned} choose={choose} />
      <PlannedMoves gear={planned.gear} moves={choices.moves} onMoves={(moves) => choose({ moves })} />
      <WhatIf choices={choices} planned={planned} />
    </div>
  );
}
