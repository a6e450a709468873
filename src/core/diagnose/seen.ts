import { partsOf as pulledParts } from '../record/index.ts';
import { type LiveEntry, type Milestones, pulledMs, type Roast, shadeAsKnown } from '../roast/index.ts';
import type { ShadeNumber } from '../shade/index.ts';
import { shelfState } from '../shelf/index.ts';
import type { Cup } from '../taste/index.ts';
import { HOUR_MS } from '../units/index.ts';
import { type Complaint, complaintsOfCups, complaintsOfNote } from './complaints.ts';
import { palePhoto } from './photoWords.ts';

/** A pull, the shade it was planned for and the one it came out as. */
export interface PulledPart {
  readonly meant: ShadeNumber;
  readonly got: ShadeNumber | undefined;
}

/** Too soon before the pull for a first crack that anything follows, seconds; ours. */
const AT_PULL_S = 8;
/** Lighter shades may well be pulled as first crack begins. */
const PULLED_AT_CRACK: ShadeNumber = 2;

/** The milestones without a first crack that was pressed at the pull, where a darker shade was meant. */
export function withoutCrackAtPull(
  reached: Milestones,
  meant: ShadeNumber,
): Milestones & { readonly crackAtPull: boolean } {
  const { firstCrack, pull, ...others } = reached;
  const isAtCrack =
    pull !== undefined && firstCrack !== undefined && pull - firstCrack < AT_PULL_S && meant > PULLED_AT_CRACK;
  return { ...(isAtCrack ? { ...others, pull } : reached), crackAtPull: isAtCrack };
}

/** The pulls of a roast with what each was planned for. */
export function partsOf(
  roast: Roast,
  live: readonly LiveEntry[],
  meant: ShadeNumber,
  got: ShadeNumber | undefined,
): PulledPart[] {
  if (!roast.plannedParts) return [{ meant, got }];
  const pulls = live.filter((entry) => entry.kind === 'pull');
  return pulls.flatMap((entry, i) => {
    const planned = roast.plannedParts?.[i];
    return planned && entry.kind === 'pull' ? [{ meant: planned.shade, got: entry.shade }] : [];
  });
}

/** What was tasted and seen of a roast. */
export interface Seen {
  /** What somebody called the cup or the roast, in the words they chose. */
  readonly complaints: ReadonlyMap<Complaint, readonly string[]>;
  /** What the look of the beans says against it; it is evidence of its own and counts once. */
  readonly looks: ReadonlySet<Complaint>;
  /** A cup that complains but was tasted before the beans had rested, or when they had faded: no evidence of the roast. */
  readonly cupAgeH:
    | { readonly state: 'fresh' | 'faded'; readonly hours: number; readonly pullId: Cup['pullId'] }
    | undefined;
}

/** Complaints of the cups and notes, and what the look of the beans says. */
export function complaintsOf(roast: Roast, cups: readonly Cup[], frozen: boolean): Seen {
  const pulled = pulledMs(roast);
  const parts = pulledParts(roast);
  const shadeOf = ({ pullId }: Cup) => parts.find(({ pull }) => pull.id === pullId)?.shade ?? shadeAsKnown(roast);
  const hoursOf = ({ tastedAt }: Cup) => (Date.parse(tastedAt) - (pulled ?? Number.NaN)) / HOUR_MS;
  const stateOf = (cup: Cup) => {
    const hours = hoursOf(cup);
    // By the school that drinks it soonest: before that everybody waits.
    const state = hours >= 0 ? shelfState(shadeOf(cup), 'early', hours / 24) : undefined;
    if (state === 'resting') return 'fresh' as const;
    return state === 'past' && !frozen ? ('faded' as const) : undefined;
  };
  const heard = cups.filter((cup) => stateOf(cup) === undefined);
  const unripe = cups.find((cup) => stateOf(cup) !== undefined && complaintsOfCups([cup]).size > 0);
  const looks: (Complaint | false)[] = [
    (roast.evenness === 'patchy' || palePhoto(roast) !== undefined) && 'uneven',
    roast.spots === 'many' && 'scorched',
    (roast.bite === 'palerInside' || roast.snap === 'hard') && 'raw',
  ];
  return {
    complaints: new Map([...complaintsOfNote(roast.note, roast.stars), ...complaintsOfCups(heard)]),
    looks: new Set(looks.filter((each) => each !== false)),
    cupAgeH:
      heard.length === 0 && unripe
        ? { state: stateOf(unripe) ?? 'fresh', hours: hoursOf(unripe), pullId: unripe.pullId }
        : undefined,
  };
}
