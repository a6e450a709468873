import type { Gear } from '@/core/gear';
import type { RoastDay } from '@/core/plan';
import { PlannedMoves } from '@/ui/PlannedMoves';
import { Expected } from './Expected';
import { PlanCard } from './PlanCard';
import { StagedChoice } from './StagedChoice';
import type { Choices } from './useChoices';
import { useForeseen } from './useForeseen';
import type { Planned } from './usePlanned';
import { Weather } from './Weather';
import { WhatIf } from './WhatIf';

interface AheadProps {
  readonly choices: Choices;
  readonly planned: Planned;
  readonly day: RoastDay;
  readonly gear: readonly Gear[];
  readonly choose: (some: Partial<Choices>) => void;
  readonly onGear: (gearId: string) => void;
}

/** What the roast will be like, and what the sentence does not hold: parts, moves, what would be otherwise. */
export function Ahead({ choices, planned, day, gear, choose, onGear }: AheadProps) {
  const foreseen = useForeseen(planned);
  if (!foreseen) return <p className="text-husk mt-3">Looking at your roasts…</p>;
  return (
    <>
      <section className="no-print">
        <Weather choices={choices} planned={planned} foreseen={foreseen} day={day} />
        <Expected choices={choices} planned={planned} foreseen={foreseen} day={day} gear={gear} onGear={onGear} />
        <div className="mt-8 grid gap-x-10 gap-y-8 md:grid-cols-2">
          <StagedChoice choices={choices} planned={planned} foreseen={foreseen} choose={choose} />
          <PlannedMoves gear={planned.gear} moves={choices.moves} onMoves={(moves) => choose({ moves })} />
          <WhatIf choices={choices} planned={planned} foreseen={foreseen} />
        </div>
      </section>
      <PlanCard choices={choices} planned={planned} foreseen={foreseen} />
    </>
  );
}
