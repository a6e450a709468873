import { sum } from 'd3-array';
import { tableLossPercent } from '../plan/index.ts';
import { finalShade, meantShade, meantShades, momentMs, type PullEntry, pullsOf, type Roast } from '../roast/index.ts';
import type { ShadeNumber } from '../shade/index.ts';

/** What one pull of a roast gave: the whole of it, or a part of a staged one. */
export interface RoastPart {
  readonly pull: PullEntry;
  /** When the beans came out, ISO, UTC. */
  readonly madeAt: string;
  /** As it was looked at, else as it was meant. */
  readonly shade: ShadeNumber;
  /** Somebody looked at it. */
  readonly looked: boolean;
  /** Roasted grams: as weighed, else its share of the green by the usual loss (handbook, table 3). */
  readonly grams: number;
  readonly weighed: boolean;
}

/** The parts of a roast in the order they were pulled; one for a roast that was pulled at once, none while it is on. */
export function partsOf(roast: Roast): RoastPart[] {
  const pulls = pullsOf(roast);
  return pulls.map((pull, i) => {
    const looked = pull.shade ?? (roast.plannedParts ? undefined : finalShade(roast));
    const shade = looked ?? meantShade(roast, i);
    return {
      pull,
      madeAt: new Date(momentMs(roast, pull.at) ?? Date.parse(roast.createdAt)).toISOString(),
      shade,
      looked: looked !== undefined,
      grams: pull.grams ?? roast.greenGrams * shareOf(roast, pulls, i) * (1 - tableLossPercent(shade) / 100),
      weighed: pull.grams !== undefined,
    };
  });
}

/** How dark a part is, and whether somebody looked. */
export type PartShade = Pick<RoastPart, 'shade' | 'looked'>;

/** The shades of a roast, one for each part of a staged pull, neighbours that are alike once; as they were meant while it is on. */
export function shadesOf(roast: Roast): PartShade[] {
  const parts = partsOf(roast);
  const all = parts.length > 0 ? parts : meantShades(roast).map((shade) => ({ shade, looked: false }));
  return all.filter(({ shade }, i) => shade !== all[i - 1]?.shade).map(({ shade, looked }) => ({ shade, looked }));
}

/** The share of the green in the `i`th pull: as it was planned, the last one what was left; equal shares where it was not. */
function shareOf({ plannedParts = [] }: Roast, pulls: readonly PullEntry[], i: number): number {
  if (plannedParts.length < pulls.length) return 1 / pulls.length;
  const before = sum(plannedParts.slice(0, i), ({ share }) => share);
  return pulls[i]?.all ? 1 - before : (plannedParts[i]?.share ?? 0);
}
