import { defined } from '../row/index.ts';
import { type ShadeNumber, shadeTone, TONE } from '../shade/index.ts';
import { isDoubtful } from './crackOnsets.ts';
import { type LiveEntry, liveEntries } from './liveEntries.ts';
import { type Milestones, milestonesOf } from './milestones.ts';
import { movesFromCharge } from './movesFromCharge.ts';
import type { Roast } from './roast.ts';
import type { Smell } from './roastKinds.ts';

/** A roast as it is drawn: everything that the ribbon shows, in seconds from charge, with which it begins, and tones of the bean ramp. */
export interface Ribbon {
  readonly toS: number;
  /** Tone over time, ordered, never turning paler; straight between. */
  readonly body: readonly TonePoint[];
  /** Tones expected after `toS`, up to the expected pull; empty once pulled. */
  readonly ahead: readonly TonePoint[];
  readonly milestones: Milestones;
  /** When cracks sounded, and which of these times a microphone heard doubtfully. */
  readonly cracks: {
    readonly first: readonly number[];
    readonly second: readonly number[];
    readonly doubtful: readonly number[];
  };
  /** Where cracking is known by its start and end only. */
  readonly crackSpans: readonly { readonly crack: 'first' | 'second'; readonly fromS: number; readonly toS: number }[];
  readonly moves: readonly {
    readonly at: number;
    readonly control: string;
    readonly value: string | number | undefined;
    readonly direction: 'up' | 'down' | 'none';
  }[];
  readonly smells: readonly { readonly at: number; readonly smell: Smell }[];
  /** Parts taken out before the end. */
  readonly tabs: readonly { readonly at: number; readonly tone: number }[];
}

/** A moment of the ribbon with its tone, 0 green to 1 black. */
export interface TonePoint {
  readonly at: number;
  readonly tone: number;
}

/** The ribbon of what a roast was meant to be, from its guide; a roast without one has none. */
export function ribbonOfGuide({ guide, wantedShade }: Pick<Roast, 'guide' | 'wantedShade'>): Ribbon | undefined {
  if (!guide) return undefined;
  const { pull } = guide;
  const meant = defined(guide);
  const { pull: _, ...marks } = meant;
  const bare = ribbonOf({ entries: [], wantedShade }, pull, marks);
  const anchors = toneAnchors([], meant, meant, wantedShade);
  return { ...bare, body: [...anchors.filter(({ at }) => at <= pull)], ahead: [], milestones: meant };
}

/**
 * The ribbon of a roast up to `nowS` while it is under way, else to its pull.
 * `expected` gives milestones that are not reached, so that the body between them has a colour.
 */
export function ribbonOf(
  roast: Pick<Roast, 'entries' | 'wantedShade'>,
  nowS?: number,
  expected: Milestones = {},
): Ribbon {
  const live = liveEntries(roast.entries);
  const roasting = live.filter(({ at }) => at >= 0);
  const reached = milestonesOf(live);
  const last = live.reduce((latest, entry) => Math.max(latest, entry.at), 0);
  const toS = Math.max(reached.pull ?? nowS ?? last, 1);
  const anchors = toneAnchors(live, reached, { ...expected, ...reached }, roast.wantedShade);
  const now = { at: toS, tone: toneAt(anchors, toS) };
  return {
    toS,
    body: [...anchors.filter(({ at }) => at < toS), now],
    ahead: reached.pull === undefined && nowS !== undefined ? [now, ...anchors.filter(({ at }) => at > toS)] : [],
    milestones: reached,
    cracks: {
      first: crackTimes(roasting, 'first'),
      second: crackTimes(roasting, 'second'),
      doubtful: roasting.flatMap((entry) => (isDoubtful(entry) ? [entry.at] : [])),
    },
    crackSpans: crackSpans(live, reached, toS),
    moves: movesOf(live),
    smells: roasting.flatMap((entry) => (entry.kind === 'smell' ? [{ at: entry.at, smell: entry.smell }] : [])),
    tabs: live.flatMap((entry) =>
      entry.kind === 'pull' && !entry.all
        ? [{ at: entry.at, tone: entry.shade ? shadeTone(entry.shade) : toneAt(anchors, entry.at) }]
        : [],
    ),
  };
}

/** Tone at a time on a body: straight between its points, held beyond its ends; green on an empty one. */
export function toneAt(body: readonly TonePoint[], at: number): number {
  const after = body.findIndex((point) => point.at >= at);
  if (after === -1) return body.at(-1)?.tone ?? TONE.green;
  const b = body[after] as TonePoint;
  const a = body[after - 1];
  if (!a || b.at === a.at) return b.tone;
  return a.tone + ((b.tone - a.tone) * (at - a.at)) / (b.at - a.at);
}

/** How fast beans darken after first crack when no pull is known: medium's tone after this many seconds. */
const FALLBACK_AFTER_CRACK_S = 120;

function toneAnchors(
  live: readonly LiveEntry[],
  reached: Milestones,
  known: Milestones,
  wanted: ShadeNumber,
): TonePoint[] {
  const points: TonePoint[] = [{ at: 0, tone: TONE.green }];
  if (known.yellow !== undefined) points.push({ at: known.yellow, tone: TONE.yellow });
  if (known.firstCrack !== undefined) points.push({ at: known.firstCrack, tone: TONE.firstCrack });
  if (reached.secondCrack !== undefined) points.push({ at: reached.secondCrack, tone: shadeTone(5) });
  const shade = live.findLast((entry) => entry.kind === 'pull' && entry.all && entry.shade);
  const end = shade?.kind === 'pull' && shade.shade ? shade.shade : wanted;
  if (known.pull !== undefined) points.push({ at: known.pull, tone: shadeTone(end) });
  else if (known.firstCrack !== undefined)
    points.push({ at: known.firstCrack + FALLBACK_AFTER_CRACK_S, tone: shadeTone(4) });
  for (const entry of live) {
    if (entry.kind === 'colour') points.push({ at: entry.at, tone: entry.tone });
    if (entry.kind === 'pull' && !entry.all && entry.shade) points.push({ at: entry.at, tone: shadeTone(entry.shade) });
  }
  return neverPaler(points);
}

/** Beans do not turn green again: each point is held at the darkest before it. */
function neverPaler(points: readonly TonePoint[]): TonePoint[] {
  let darkest = 0;
  return [...points]
    .sort((a, b) => a.at - b.at || a.tone - b.tone)
    .map(({ at, tone }) => {
      darkest = Math.max(darkest, tone);
      return { at, tone: darkest };
    });
}

function crackTimes(live: readonly LiveEntry[], crack: 'first' | 'second'): number[] {
  return live.flatMap((entry) => (entry.kind === 'crack' && entry.crack === crack ? [entry.at] : []));
}

/** Fewer cracks than this inside a stretch do not draw it; then it is hatched from start to end. */
const ENOUGH_CRACKS = 3;

function crackSpans(live: readonly LiveEntry[], reached: Milestones, toS: number): Ribbon['crackSpans'] {
  const spans = [
    { crack: 'first' as const, fromS: reached.firstCrack, toS: reached.firstCrackEnd ?? reached.secondCrack ?? toS },
    { crack: 'second' as const, fromS: reached.secondCrack, toS },
  ];
  return spans.flatMap(({ crack, fromS, toS: end }) =>
    fromS === undefined || end <= fromS || crackTimes(live, crack).filter((at) => at >= fromS).length >= ENOUGH_CRACKS
      ? []
      : [{ crack, fromS, toS: Math.min(end, toS) }],
  );
}

function movesOf(live: readonly LiveEntry[]): Ribbon['moves'] {
  const before = new Map<string, string | number | undefined>();
  const moves = live.flatMap((entry) => {
    if (entry.kind !== 'move') return [];
    const last = before.get(entry.control);
    before.set(entry.control, entry.value);
    const numbers = typeof last === 'number' && typeof entry.value === 'number' ? Math.sign(entry.value - last) : 0;
    const direction = numbers > 0 ? ('up' as const) : numbers < 0 ? ('down' as const) : ('none' as const);
    return [{ at: entry.at, control: entry.control, value: entry.value, direction }];
  });
  return movesFromCharge(moves);
}
