import { group } from 'd3-array';
import type { Random } from '../chance/index.ts';
import { createId, type Id } from '../ids/index.ts';
import type { Entry, EntryDraft, Roast } from '../roast/index.ts';
import { MEDIUM } from '../shade/index.ts';
import { MINUTE_MS } from '../units/index.ts';
import type { PaperRoast } from './paperRow.ts';

/** Where no time of day was written down the day's roasts stand in their order from ten o'clock on, so far apart, minutes. */
const APART_MIN = 30;
const FIRST_HOUR = 10;
/** Stands for the time of a pull that nobody wrote down, seconds. */
const UNNOTED_S = 600;

/** The roasts that lines of paper tell of, as if they had been timed here, none after `nowMs`. `lotOf` gives the beans of each. */
export function paperRoasts(
  rows: readonly PaperRoast[],
  lotOf: (beans: PaperRoast['beans']) => Id<'lot'>,
  random: Random,
  nowMs: number,
): Roast[] {
  const days = group(rows, ({ day }) => day);
  return rows.map((row) => {
    const ofDay = days.get(row.day) ?? [row];
    const nth = ofDay.indexOf(row);
    const stillToCome = ofDay.length - 1 - nth;
    const createdAt = momentOf(row, nth, nowMs - stillToCome * MINUTE_MS).toISOString();
    return {
      id: createId('roast', random),
      lotId: lotOf(row.beans),
      gearId: row.gear.id,
      greenGrams: row.greenGrams,
      wantedShade: row.shade ?? MEDIUM,
      place: row.gear.place ?? 'indoors',
      createdAt,
      chargedAt: createdAt,
      clockShiftMs: 0,
      entries: entriesOf(row, random),
      ...(row.note ? { note: row.note } : {}),
    };
  });
}

/** Of today's, what was not yet roasted at its usual time stands just before now, in the order of the lines. */
function momentOf({ day, time }: PaperRoast, nth: number, latestMs: number): Date {
  if (time !== undefined) return new Date(`${day}T${time}`);
  const date = new Date(`${day}T${FIRST_HOUR}:00`);
  date.setMinutes(date.getMinutes() + nth * APART_MIN);
  return new Date(Math.max(new Date(`${day}T00:00`).getTime(), Math.min(date.getTime(), latestMs)));
}

function entriesOf(
  { yellow, firstCrack, secondCrack, pull, roastedGrams, shade }: PaperRoast,
  random: Random,
): Entry[] {
  const entry = (at: number, draft: EntryDraft) =>
    ({ ...draft, id: createId('entry', random), at, pressedAt: at, source: 'hand' }) as Entry;
  const marks = Object.entries({ yellow, firstCrack, secondCrack }).flatMap(([milestone, at]) =>
    at === undefined
      ? []
      : [entry(at, { kind: 'mark', milestone: milestone as 'yellow' | 'firstCrack' | 'secondCrack' })],
  );
  // Where nobody wrote down when it was pulled the log holds that it was, and no reckoning takes the time for one.
  const atS = pull ?? Math.max(UNNOTED_S, ...marks.map(({ at }) => at));
  const last = entry(atS, {
    kind: 'pull',
    all: true,
    ...(roastedGrams === undefined ? {} : { grams: roastedGrams }),
    ...(shade === undefined ? {} : { shade }),
  });
  return [...marks, pull === undefined ? { ...last, source: 'guess' } : last];
}
