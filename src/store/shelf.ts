import { differenceInCalendarDays } from 'date-fns';
import { dequal } from 'dequal/lite';
import { gramsOnDay } from '@/core/household';
import type { Id } from '@/core/ids';
import type { StockJar } from '@/core/plan';
import { partsOf, type RoastPart } from '@/core/record';
import { isUnderWay } from '@/core/roast';
import {
  effectiveDays,
  isFrozen,
  type Jar,
  type JarAccount,
  type JarEvent,
  type RestSchool,
  type ShelfState,
  shelfLedger,
  shelfState,
  windowMoments,
} from '@/core/shelf';
import { DAY_MS } from '@/core/units';
import { changeRow } from './change.ts';
import type { Change } from './changes.ts';
import type { GanderDatabase } from './database.ts';
import { type NamedRoast, namedRoasts } from './queries.ts';
import { getHousehold } from './settings.ts';

/** The coffee of one pull as it stands now. */
export interface JarNow extends RoastPart {
  readonly named: NamedRoast;
  readonly row: Jar;
  readonly school: RestSchool;
  readonly state: ShelfState;
  readonly days: number;
  readonly frozen: boolean;
  readonly leftGrams: number;
  /** Every gram of it is known by the scale; else it is reckoned, from the usual loss or the household's use. */
  readonly counted: boolean;
  /** Somebody noted what was done with it. */
  readonly touched: boolean;
  /** What was put in, drawn and noted, line by line. */
  readonly account: JarAccount;
  readonly readyMs: number;
  readonly bestMs: number;
  readonly fadesMs: number;
}

/**
 * What is older than this, and of which nobody ever noted anything, is past every use; it is on no shelf, and too far
 * back to change what is reckoned. Everything else is looked at, however many roasts came since.
 */
const UNTOUCHED_DAYS = 120;
const EMPTY_GRAMS = 3;

/** Every jar that may matter, newest first; the empty ones and the failed ones too. */
export async function allJars(db: GanderDatabase, nowMs: number): Promise<JarNow[]> {
  const since = new Date(nowMs - UNTOUCHED_DAYS * DAY_MS).toISOString();
  const [household, recent, rows] = await Promise.all([
    getHousehold(db),
    db.roasts.where('createdAt').aboveOrEqual(since).primaryKeys(),
    db.jars.toArray(),
  ]);
  const roasts = await namedRoasts(db, [...new Set<string>([...recent, ...rows.map(({ roastId }) => roastId)])]);
  const rowOf = new Map(rows.map((row) => [row.pullId as string, row]));
  const filled = roasts
    .sort((a, b) => (a.roast.createdAt < b.roast.createdAt ? 1 : -1))
    .filter(({ roast }) => !isUnderWay(roast))
    .flatMap((named) => filledJars(named, rowOf, household.restSchool));
  const ledger = shelfLedger(
    filled.map((jar) => ({ ...jar, id: jar.pull.id, events: jar.row.events })),
    (day) => gramsOnDay(household, day),
    nowMs,
  );
  return filled.flatMap((jar) => {
    const account = ledger.get(jar.pull.id);
    return account ? [jarNow(jar, account, nowMs)] : [];
  });
}

/** Of all jars those that still hold something and are not past every use, the oldest first. */
export function onShelf(jars: readonly JarNow[]): JarNow[] {
  return jars.filter((jar) => jar.leftGrams >= EMPTY_GRAMS && (jar.state !== 'past' || jar.touched)).reverse();
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

/** The jars of one roast, lightest first, with what the whole shelf says of them. */
export async function jarsOf(db: GanderDatabase, roastId: string, nowMs: number): Promise<JarNow[]> {
  const roast = await db.roasts.get(roastId);
  if (!roast || isUnderWay(roast)) return [];
  const jars = await allJars(db, nowMs);
  const its = jars.filter((jar) => jar.named.roast.id === roastId);
  if (its.length > 0) return its;
  // Older than anything on the shelf, and nobody noted anything: as it was filled.
  const [named] = await namedRoasts(db, [roastId]);
  const { restSchool } = await getHousehold(db);
  return named ? filledJars(named, new Map(), restSchool).map((jar) => jarNow(jar, UNKNOWN_ACCOUNT, nowMs)) : [];
}

/** One jar by its pull; undefined when there is none. */
export async function jarOf(
  db: GanderDatabase,
  roastId: string,
  pullId: string,
  nowMs: number,
): Promise<JarNow | undefined> {
  return (await jarsOf(db, roastId, nowMs)).find(({ pull }) => pull.id === pullId);
}

type Filled = RoastPart & Pick<JarNow, 'named' | 'row' | 'school'>;
const UNKNOWN_ACCOUNT: JarAccount = { lines: [], leftGrams: 0, ground: undefined, drawnGrams: 0, tooHeavy: false };

function filledJars(named: NamedRoast, rowOf: ReadonlyMap<string, Jar>, school: RestSchool): Filled[] {
  const { roast } = named;
  return partsOf(roast).map((part): Filled => {
    const { id } = part.pull;
    const row = rowOf.get(id) ?? { id: jarId(id), roastId: roast.id, pullId: id, events: [] };
    return { ...part, named, row, school: row.school ?? school };
  });
}

function jarNow(jar: Filled, account: JarAccount, nowMs: number): JarNow {
  const { events } = jar.row;
  const days = effectiveDays(jar.madeAt, events, nowMs);
  return {
    ...jar,
    account,
    leftGrams: account.leftGrams,
    counted: account.drawnGrams === 0 && jar.weighed,
    touched: events.some(({ kind }) => kind === 'use' || kind === 'weigh' || kind === 'freeze'),
    days,
    state: shelfState(jar.shade, jar.school, days),
    frozen: isFrozen(events, nowMs),
    ...windowMoments(jar.madeAt, jar.shade, jar.school, events, nowMs),
  };
}

/** The id of a pull's jar follows from the pull, so that two tabs never make two rows. */
function jarId(pullId: Id<'entry'>): Id<'jar'> {
  return `jar:${pullId.slice('entry:'.length)}` as Id<'jar'>;
}

/** Something happened to a jar; gives the change, for undo. What another tab wrote meanwhile stays. */
export function addJarEvent(db: GanderDatabase, row: Jar, event: JarEvent): Promise<Change> {
  return changeRow(db, 'jars', row, (now) => ({ events: [...now.events, event] }));
}

/** One thing did not happen to a jar after all; gives the change, for undo. */
export function removeJarEvent(db: GanderDatabase, row: Jar, event: JarEvent): Promise<Change> {
  return changeRow(db, 'jars', row, (now) => {
    const index = now.events.findIndex((each) => dequal(each, event));
    return { events: now.events.filter((_, i) => i !== index) };
  });
}

/** Changes a jar's row, which is made when there is none; gives the change, for undo. */
export function editJar(db: GanderDatabase, row: Jar, facts: Partial<Jar>): Promise<Change> {
  return changeRow(db, 'jars', row, () => facts);
}
