import { sum } from 'd3-array';
import { type ShadeNumber, shadeBand } from '../shade/index.ts';
import { DAY_MS } from '../units/index.ts';
import type { JarEvent } from './jar.ts';
import { drinkingWindow, type RestSchool, type Window } from './rest.ts';
import type { ShelfState } from './shelfKinds.ts';

/** Frozen coffee stales at about a tenth of the pace. Source: handbook, section 8. */
const FROZEN_PACE = 0.1;
/** Half of the gas leaves in so many days; darker beans are more open. Source: handbook, section 8 (decaying exponential, faster for darker: Geiger et al. 2005; Anderson et al. 2003); the figures are its usual rests. */
const GAS_HALF_DAYS = { light: 4, medium: 2, dark: 1.5 } as const;
/** It is at its best once a quarter of the gas is left; before that it is ready and lively. Ours. */
const BEST_GAS = 0.25;
/** Staleness as a Weibull curve that is half way at the end of fading; shape after Cardelli & Labuza, Lebensm.-Wiss. u.-Technol. 34 (2001), 273. */
const STALE_SHAPE = 2;

/** A stretch of a jar's time in or out of the freezer; the last one has no end. */
interface Kept {
  readonly fromMs: number;
  readonly pace: number;
}

/** When a jar went into the freezer and out of it, up to `nowMs`, in order. */
function turnsUntil(events: readonly JarEvent[], nowMs: number): JarEvent[] {
  return events
    .filter(({ kind, doneAt }) => (kind === 'freeze' || kind === 'thaw') && Date.parse(doneAt) <= nowMs)
    .sort((a, b) => Date.parse(a.doneAt) - Date.parse(b.doneAt));
}

/** The stretches of a jar's time up to `nowMs`, in order; the last goes on. */
function keptStretches(madeAt: string, events: readonly JarEvent[], nowMs: number): [Kept, ...Kept[]] {
  const madeMs = Date.parse(madeAt);
  return [
    { fromMs: madeMs, pace: 1 },
    ...turnsUntil(events, nowMs).map(({ kind, doneAt }) => ({
      fromMs: Math.max(madeMs, Date.parse(doneAt)),
      pace: kind === 'freeze' ? FROZEN_PACE : 1,
    })),
  ];
}

/** How old a jar is in terms of rest and staleness: frozen days count a tenth. Days, from the pull to `nowMs`. */
export function effectiveDays(madeAt: string, events: readonly JarEvent[], nowMs: number): number {
  const stretches = keptStretches(madeAt, events, nowMs);
  return sum(stretches, ({ fromMs, pace }, i) => {
    const toMs = stretches[i + 1]?.fromMs ?? nowMs;
    return (Math.max(0, toMs - fromMs) / DAY_MS) * pace;
  });
}

/** Whether a jar is in the freezer at `nowMs`. */
export function isFrozen(events: readonly JarEvent[], nowMs: number): boolean {
  return turnsUntil(events, nowMs).at(-1)?.kind === 'freeze';
}

/** Gas left, as a share of what there was at the pull, after so many effective days. */
export function gasLeft(shade: ShadeNumber, days: number): number {
  return 0.5 ** (days / GAS_HALF_DAYS[shadeBand(shade)]);
}

/** How stale coffee is, 0 fresh to 1 gone, after so many effective days. */
export function staleness(shade: ShadeNumber, days: number): number {
  const { fadesDays } = drinkingWindow(shade, 'usual');
  return 1 - 0.5 ** ((days / fadesDays) ** STALE_SHAPE);
}

/** Days from the roast at which coffee is at its best, by a school: rested, and most of the gas gone. */
export function bestFromDays(shade: ShadeNumber, school: RestSchool): number {
  const gasDays = GAS_HALF_DAYS[shadeBand(shade)] * Math.log2(1 / BEST_GAS);
  return Math.max(drinkingWindow(shade, school).readyDays, gasDays);
}

/** How coffee of a shade stands after so many effective days, by a school of rest. */
export function shelfState(shade: ShadeNumber, school: RestSchool, days: number): ShelfState {
  const { readyDays, bestDays, fadesDays } = drinkingWindow(shade, school);
  if (days < readyDays) return 'resting';
  if (days < bestFromDays(shade, school)) return 'ready';
  if (days <= bestDays) return 'best';
  return days <= fadesDays ? 'fading' : 'past';
}

/** The moments of a jar's window, Unix milliseconds; those to come lie as far ahead as it is kept now, frozen or not. */
export function windowMoments(
  madeAt: string,
  shade: ShadeNumber,
  school: RestSchool,
  events: readonly JarEvent[],
  nowMs: number,
): { readonly readyMs: number; readonly bestMs: number; readonly fadesMs: number } {
  const window: Window = drinkingWindow(shade, school);
  const stretches = keptStretches(madeAt, events, nowMs);
  const momentOf = (days: number) => {
    // The last stretch that begins before it is so old.
    const { fromMs, pace } =
      stretches.findLast((each) => effectiveDays(madeAt, events, each.fromMs) < days) ?? stretches[0];
    return fromMs + ((days - effectiveDays(madeAt, events, fromMs)) / pace) * DAY_MS;
  };
  return {
    readyMs: momentOf(window.readyDays),
    bestMs: momentOf(window.bestDays),
    fadesMs: momentOf(window.fadesDays),
  };
}

/** A jar closed airtight this early can burst. Source: handbook, section 8: loose lid or valve for two days. */
const AIRTIGHT_AFTER_DAYS = 2;

/** Whether a jar was closed airtight before its first gas was gone; the caution of handbook sections 8 and 12. */
export function sealedTooEarly(madeAt: string, events: readonly JarEvent[], nowMs: number): boolean {
  const last = events.findLast((event) => event.kind === 'keep');
  if (last?.kind !== 'keep' || last.keeping !== 'airtight') return false;
  const days = (Date.parse(last.doneAt) - Date.parse(madeAt)) / DAY_MS;
  return days < AIRTIGHT_AFTER_DAYS && effectiveDays(madeAt, [], nowMs) < 7;
}
