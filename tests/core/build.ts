import fc from 'fast-check';
import { createId, type Id } from '@/core/ids';
import type { Entry, EntryDraft, Milestone, Roast } from '@/core/roast';

/** A fixed source of numbers, so that a failing case comes back. */
export function countingRandom(): () => number {
  let state = 1;
  return () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
}

const random = countingRandom();

/** An entry with an id of its own, pressed when it happened unless said otherwise. */
export function entry(at: number, draft: EntryDraft, pressedAt = at): Entry {
  return { ...draft, id: createId('entry', random), at, pressedAt, source: 'hand' } as Entry;
}

export const mark = (at: number, milestone: Exclude<Milestone, 'pull'>) => entry(at, { kind: 'mark', milestone });
export const pull = (at: number, facts: { grams?: number; shade?: 1 | 3 | 4 | 5 | 7; all?: boolean } = {}) =>
  entry(at, { kind: 'pull', all: true, ...facts });
export const undoOf = (target: Entry, at = 999) => entry(at, { kind: 'undo', target: target.id });

export function roastOf(entries: Entry[], facts: Partial<Roast> = {}): Roast {
  return {
    id: 'roast:test0001' as Id<'roast'>,
    lotId: 'lot:test0001' as Id<'lot'>,
    gearId: 'gear:test0001' as Id<'gear'>,
    greenGrams: 80,
    wantedShade: 4,
    place: 'outdoors',
    createdAt: '2026-11-24T10:00:00.000Z',
    chargedAt: '2026-11-24T10:00:00.000Z',
    clockShiftMs: 0,
    entries,
    ...facts,
  };
}

/** Seconds to a hundredth, as the roast screen stamps them. */
const seconds = fc.integer({ min: -60_00, max: 3600_00 }).map((hundredths) => hundredths / 100);

/** What a person may do, blind to sense: marks, pulls, cracks, notes, corrections and undos of anything earlier. */
export type Deed =
  | { readonly do: 'say'; readonly draft: EntryDraft; readonly at: number }
  | { readonly do: 'correct' | 'undo'; readonly which: number; readonly to: number };

export const anyDeed: fc.Arbitrary<Deed> = fc.oneof(
  fc.record({
    do: fc.constant('say' as const),
    at: seconds,
    draft: fc.oneof(
      fc.constantFrom(
        ...(['yellow', 'firstCrack', 'firstCrackEnd', 'secondCrack', 'cooled'] as const).map((milestone) => ({
          kind: 'mark' as const,
          milestone,
        })),
      ),
      fc.constantFrom({ kind: 'pull' as const, all: true }, { kind: 'pull' as const, all: false }),
      fc.constantFrom(
        { kind: 'crack' as const, crack: 'first' as const },
        { kind: 'smell' as const, smell: 'hay' as const },
      ),
      fc.double({ min: 0, max: 1, noNaN: true }).map((tone) => ({ kind: 'colour' as const, tone })),
      fc.constantFrom(
        { kind: 'move' as const, control: 'lid', value: 'off' },
        { kind: 'move' as const, control: 'stir' },
      ),
      fc
        .string({ minLength: 1, maxLength: 40 })
        .filter((text) => text.trim() !== '')
        .map((text) => ({ kind: 'note' as const, text: text.trim() })),
    ),
  }),
  fc.record({ do: fc.constantFrom('correct' as const, 'undo' as const), which: fc.nat(), to: seconds }),
);

/** Plays deeds into a log, as the roast screen would append them. */
export function playDeeds(deeds: readonly Deed[]): Entry[] {
  const log: Entry[] = [];
  for (const deed of deeds) {
    if (deed.do === 'say') log.push(entry(deed.at, deed.draft));
    else {
      const target = log[deed.which % Math.max(1, log.length)];
      if (!target) continue;
      log.push(
        deed.do === 'undo'
          ? entry(deed.to, { kind: 'undo', target: target.id })
          : entry(deed.to, { kind: 'amend', target: target.id, happenedAt: deed.to }),
      );
    }
  }
  return log;
}
