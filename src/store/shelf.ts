import { differenceInCalendarDays } from 'date-fns';
import { gramsADay } from '@/core/household';
import type { Id } from '@/core/ids';
import { reckonedJars, type StockJar, tableLossPercent } from '@/core/plan';
import { finalShade, isUnderWay, liveEntries, meantShade, momentMs, type PullEntry } from '@/core/roast';
import type { ShadeNumber } from '@/core/shade';
import {
  countedLeft,
  effectiveDays,
  isFrozen,
  type Jar,
  type JarEvent,
  type RestSchool,
  type ShelfState,
  shelfState,
  windowMoments,
} from '@/core/shelf';
import { type Change, changeRow } from './change.ts';
import type { GanderDatabase } from './database.ts';
import { getNamedRoast, type NamedRoast, newestRoasts } from './queries.ts';
import { getHousehold } from './settings.ts';

/** The coffee of one pull as it stands now. */
export interface JarNow {
  readonly named: NamedRoast;
  readonly pull: PullEntry;
  readonly row: Jar;
  /** When the beans came out, ISO. */
  readonly madeAt: string;
  readonly grams: number;
  /** Weighed after the roast; else by the usual loss. */
  readonly weighed: boolean;
  readonly shade: ShadeNumber;
  readonly school: RestSchool;
  readonly state: ShelfState;
  readonly days: number;
  readonly frozen: boolean;
  readonly leftGrams: number;
  /** Somebody counted; else it is reckoned from the household's use. */
  readonly counted: boolean;
  readonly readyMs: number;
  readonly bestMs: number;
  readonly fadesMs: number;
}

/** More roasts than these are not on any shelf. */
const MOST_ROASTS = 40;
const EMPTY_GRAMS = 3;

/** Every jar of the last roasts, newest first; the empty ones and the failed ones too. */
export async function allJars(db: GanderDatabase, nowMs: number): Promise<JarNow[]> {
  const [household, roasts, rows] = await Promise.all([
    getHousehold(db),
    newestRoasts(db, MOST_ROASTS),
    db.jars.toArray(),
  ]);
  const rowOf = new Map(rows.map((row) => [row.pullId as string, row]));
  const jars = roasts
    .filter(({ roast }) => !isUnderWay(roast))
    .flatMap((named) => jarsOfRoast(named, rowOf, household.restSchool, nowMs));
  return withReckoning(jars, gramsADay(household), nowMs);
}

/** Of all jars those that still hold something and are not past every use, the oldest first. */
export function onShelf(jars: readonly JarNow[]): JarNow[] {
  return jars.filter((jar) => jar.leftGrams >= EMPTY_GRAMS && (jar.state !== 'past' || jar.counted)).reverse();
}

/** The jars on the shelf now, the oldest first. */
export async function jarsOnShelf(db: GanderDatabase, nowMs: number): Promise<JarNow[]> {
  return onShelf(await allJars(db, nowMs));
}

/** The shelf as the planner of the weeks ahead counts it, days from today; the freezer is not drunk from. */
export function stockJars(jars: readonly JarNow[], nowMs: number): StockJar[] {
  const day = (ms: number) => differenceInCalendarDays(ms, nowMs);
  return jars
    .filter(({ frozen }) => !frozen)
    .map(({ leftGrams, readyMs, fadesMs }) => ({ grams: leftGrams, readyDay: day(readyMs), lastDay: day(fadesMs) }));
}

/** The jars of one roast. */
export async function jarsOf(db: GanderDatabase, roastId: string, nowMs: number): Promise<JarNow[]> {
  const named = await getNamedRoast(db, roastId);
  if (!named || isUnderWay(named.roast)) return [];
  const [household, rows] = await Promise.all([getHousehold(db), db.jars.where('roastId').equals(roastId).toArray()]);
  return jarsOfRoast(named, new Map(rows.map((row) => [row.pullId as string, row])), household.restSchool, nowMs);
}

function jarsOfRoast(named: NamedRoast, rowOf: ReadonlyMap<string, Jar>, school: RestSchool, nowMs: number): JarNow[] {
  const { roast } = named;
  const pulls = liveEntries(roast.entries).filter((entry) => entry.kind === 'pull');
  return pulls.map((pull, i): JarNow => {
    const row = rowOf.get(pull.id) ?? { id: jarId(pull.id), roastId: roast.id, pullId: pull.id, events: [] };
    const shade = pull.shade ?? (roast.plannedParts ? undefined : finalShade(roast)) ?? meantShade(roast, i);
    const grams = pull.grams ?? (roast.greenGrams / pulls.length) * (1 - tableLossPercent(shade) / 100);
    const madeAt = new Date(momentMs(roast, pull.at) ?? Date.parse(roast.createdAt)).toISOString();
    const its = row.school ?? school;
    const days = effectiveDays(madeAt, row.events, nowMs);
    const counted = countedLeft(grams, row.events);
    return {
      named,
      pull,
      row,
      madeAt,
      grams,
      weighed: pull.grams !== undefined,
      shade,
      school: its,
      state: shelfState(shade, its, days),
      days,
      frozen: isFrozen(row.events, nowMs),
      leftGrams: counted ?? grams,
      counted: counted !== undefined,
      ...windowMoments(madeAt, shade, its, row.events, nowMs),
    };
  });
}

/** What nobody counts is drunk at the household's pace, the oldest rested coffee first. */
function withReckoning(jars: readonly JarNow[], gramsPerDay: number, nowMs: number): JarNow[] {
  const now = new Date(nowMs);
  const open = jars.filter(({ counted, frozen }) => !counted && !frozen);
  const reckoned = new Map<JarNow, number>();
  for (const jar of open) {
    const day = (ms: number) => -differenceInCalendarDays(now, new Date(ms));
    const found = { day: Math.min(0, day(Date.parse(jar.madeAt))), grams: jar.grams, shade: jar.shade };
    reckoned.set(jar, found.day);
  }
  const order = [...open].sort((a, b) => (reckoned.get(a) ?? 0) - (reckoned.get(b) ?? 0));
  const left = reckonedJars(
    order.map((jar) => ({ day: reckoned.get(jar) ?? 0, grams: jar.grams, shade: jar.shade, key: jar.pull.id })),
    gramsPerDay,
    'usual',
  );
  const leftOf = new Map(left.map((each) => [each.key, each.grams]));
  return jars.map((jar) => (open.includes(jar) ? { ...jar, leftGrams: leftOf.get(jar.pull.id) ?? 0 } : jar));
}

/** The id of a pull's jar follows from the pull, so that two tabs never make two rows. */
function jarId(pullId: Id<'entry'>): Id<'jar'> {
  return `jar:${pullId.slice('entry:'.length)}` as Id<'jar'>;
}

/** Something happened to a jar; gives the change, for undo. What another tab wrote meanwhile stays. */
export function addJarEvent(db: GanderDatabase, row: Jar, event: JarEvent): Promise<Change> {
  return changeRow(db, 'jars', row, (now) => ({ events: [...now.events, event] }));
}

/** Changes a jar's row, which is made when there is none; gives the change, for undo. */
export function editJar(db: GanderDatabase, row: Jar, facts: Partial<Jar>): Promise<Change> {
  return changeRow(db, 'jars', row, () => facts);
}
