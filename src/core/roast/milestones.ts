import type { LiveEntry } from './liveEntries.ts';
import type { Milestone } from './roastKinds.ts';

/** When each milestone was reached, seconds from charge; one that was not marked is absent. */
export type Milestones = Readonly<Partial<Record<Milestone, number>>>;

/** A time, or the moment of a milestone. */
type When =
  | { readonly kind: 'at'; readonly atS: number }
  | { readonly kind: 'milestone'; readonly milestone: Milestone };

/** When something that is planned or called out is due, seconds from charge; undefined until its milestone is reached. */
export const dueAtS = (when: When, reached: { readonly [M in Milestone]?: number | undefined }): number | undefined =>
  when.kind === 'at' ? when.atS : reached[when.milestone];

/** How each is called on the screen. */
export const milestoneNames = {
  yellow: 'yellow',
  firstCrack: 'first crack',
  firstCrackEnd: 'end of first crack',
  secondCrack: 'second crack',
  pull: 'pull',
  cooled: 'hand-warm',
} as const satisfies Record<Milestone, string>;

/** The milestone that an entry marks: the mark's own, or `pull` for the pull that empties the gear. */
export function milestoneOf(entry: LiveEntry): Milestone | undefined {
  if (entry.kind === 'mark') return entry.milestone;
  return entry.kind === 'pull' && entry.all ? 'pull' : undefined;
}

/** Whether the time of an entry is known: noted when it happened, or put right since. */
export function isTimed({ source, corrected }: LiveEntry): boolean {
  return source !== 'guess' || corrected;
}

/**
 * The milestones of a roast from its live entries, without those whose time nobody noted. Where one was marked twice, the one pressed last holds: somebody
 * who presses again means to correct.
 */
export function milestonesOf(live: readonly LiveEntry[]): Milestones {
  const found: Partial<Record<Milestone, number>> = {};
  for (const entry of [...live].sort((a, b) => a.pressedAt - b.pressedAt)) {
    const milestone = isTimed(entry) ? milestoneOf(entry) : undefined;
    if (milestone) found[milestone] = entry.at;
  }
  return found;
}

/** What the roast screen offers next. After first crack that is the pull, whatever else may still be heard. */
export function nextMilestone(reached: Milestones): Milestone | undefined {
  if (reached.pull !== undefined) return reached.cooled === undefined ? 'cooled' : undefined;
  if (reached.firstCrack !== undefined || reached.secondCrack !== undefined) return 'pull';
  return reached.yellow === undefined ? 'yellow' : 'firstCrack';
}

/** The part of the work that a roast is in. */
export type Stage =
  | 'preheating'
  | 'drying'
  | 'browning'
  | 'firstCrack'
  | 'quietGap'
  | 'secondCrack'
  | 'cooling'
  | 'cooled';

/** How each is called on the screen. */
export const stageNames = {
  preheating: 'Preheating',
  drying: 'Drying',
  browning: 'Browning',
  firstCrack: 'First crack',
  quietGap: 'Quiet gap',
  secondCrack: 'Second crack',
  cooling: 'Cooling',
  cooled: 'Hand-warm',
} as const satisfies Record<Stage, string>;

/** The stage after `reached`; `charged` is false while only the gear is being heated. */
export function stageOf(reached: Milestones, charged: boolean): Stage {
  if (!charged) return 'preheating';
  if (reached.pull !== undefined) return reached.cooled === undefined ? 'cooling' : 'cooled';
  if (reached.secondCrack !== undefined) return 'secondCrack';
  if (reached.firstCrackEnd !== undefined) return 'quietGap';
  if (reached.firstCrack !== undefined) return 'firstCrack';
  return reached.yellow === undefined ? 'drying' : 'browning';
}
