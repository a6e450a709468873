import type { ShadeNumber } from '../shade/index.ts';
import { DAY_MS, localDay } from '../units/index.ts';
import { effectiveDays, isFrozen } from './freshness.ts';
import type { JarEvent } from './jar.ts';
import { drinkingWindow, type RestSchool } from './rest.ts';

/** A jar as it was filled. */
export interface FilledJar {
  readonly id: string;
  readonly madeAt: string;
  readonly grams: number;
  readonly shade: ShadeNumber;
  readonly school: RestSchool;
  readonly events: readonly JarEvent[];
}

/** One line of a jar's account. */
export interface LedgerLine {
  readonly atMs: number;
  /** `drawn` is reckoned, from the household's use on a day that nobody noted; everything else is a fact. */
  readonly kind: 'filled' | 'drawn' | JarEvent['kind'];
  /** What it changed, grams; below 0 for what left the jar. A weighing changes what the reckoning was out by. */
  readonly byGrams: number;
  readonly leftGrams: number;
}

/** What is known of a jar by now. */
export interface JarAccount {
  /** Oldest first; their changes add up to what is left. */
  readonly lines: readonly LedgerLine[];
  readonly leftGrams: number;
  /** Of that, ground and when. */
  readonly ground: { readonly grams: number; readonly atMs: number } | undefined;
  /** Drawn by reckoning since it was filled or last weighed, grams; 0 where every gram is known. */
  readonly drawnGrams: number;
  /** It was weighed heavier than it can be: asked about, kept. */
  readonly tooHeavy: boolean;
}

/** A jar from which something was noted within so many days is the one being drunk. */
const OPEN_DAYS = 7;
/** A scale may be out by so much. */
const SCALE_GRAMS = 1;

/**
 * The account of every jar up to `nowMs`, by one rule (docs/decisions/0012): time runs forward, each fact counts from its
 * moment on, and at the end of a day on which nobody noted a use the household's is drawn from jars that have rested, are
 * not past and not frozen, the one being drunk first, then what fades first. So no fact changes what any jar held before
 * it, in which order facts were written down makes no difference, and no gram comes or goes without a line.
 * @param gramsOn what the household uses on a day of its own calendar, grams
 */
export function shelfLedger(
  filled: readonly FilledJar[],
  gramsOn: (day: string) => number,
  nowMs: number,
): ReadonlyMap<string, JarAccount> {
  const jars = filled
    .map((jar) => openAccount(jar, nowMs))
    .sort((a, b) => a.fromMs - b.fromMs || (a.jar.id < b.jar.id ? -1 : 1));
  const noted = daysNoted(jars, nowMs);
  const moments = jars
    .flatMap((account) => [
      { atMs: account.fromMs, account, event: undefined },
      ...account.events.map((event) => ({ atMs: Math.max(account.fromMs, Date.parse(event.doneAt)), account, event })),
    ])
    .filter(({ atMs }) => atMs <= nowMs)
    // Filling comes before whatever is said to have happened in the same moment.
    .sort((a, b) => a.atMs - b.atMs);
  let next = 0;
  const runUntil = (ms: number) => {
    for (; next < moments.length && (moments[next]?.atMs ?? ms) < ms; next++) {
      const { account, event, atMs } = moments[next] as (typeof moments)[number];
      if (event) note(account, event, atMs);
      else enter(account, 'filled', atMs, account.jar.grams);
    }
  };
  const first = moments[0]?.atMs;
  if (first !== undefined)
    for (let endMs = endOfDay(first); endMs <= nowMs; endMs = endOfDay(endMs)) {
      runUntil(endMs);
      const day = localDay(endMs - 1);
      if (!noted.has(day)) draw(jars, gramsOn(day), endMs);
    }
  runUntil(Number.POSITIVE_INFINITY);
  return new Map(
    jars.map(({ jar, lines, leftGrams, ground, drawnGrams, tooHeavy }) => [
      jar.id,
      { lines, leftGrams, ground, drawnGrams, tooHeavy },
    ]),
  );
}

interface OpenAccount {
  readonly jar: FilledJar;
  readonly fromMs: number;
  readonly events: readonly JarEvent[];
  readonly lines: LedgerLine[];
  leftGrams: number;
  ground: { grams: number; atMs: number } | undefined;
  drawnGrams: number;
  notedMs: number;
  tooHeavy: boolean;
}

const IN_A_MOMENT: readonly JarEvent['kind'][] = [
  'thaw',
  'weigh',
  'keep',
  'grind',
  'use',
  'give',
  'throw',
  'freeze',
  'empty',
  'fate',
];

function openAccount(jar: FilledJar, nowMs: number): OpenAccount {
  // Of the same moment, weighed before used before gone: the order of writing makes no difference.
  const events = [...jar.events].sort(
    (a, b) =>
      Date.parse(a.doneAt) - Date.parse(b.doneAt) ||
      IN_A_MOMENT.indexOf(a.kind) - IN_A_MOMENT.indexOf(b.kind) ||
      (JSON.stringify(a) < JSON.stringify(b) ? -1 : 1),
  );
  return {
    jar,
    // A clock that was wrong may have filled it in the future: it stands on the shelf all the same.
    fromMs: Math.min(Date.parse(jar.madeAt), nowMs),
    events,
    lines: [],
    leftGrams: 0,
    ground: undefined,
    drawnGrams: 0,
    notedMs: Number.NEGATIVE_INFINITY,
    tooHeavy: false,
  };
}

/** Days on which somebody noted what was used: nothing is reckoned for them. */
function daysNoted(jars: readonly OpenAccount[], nowMs: number): ReadonlySet<string> {
  const uses = jars.flatMap(({ events }) =>
    events.filter(({ kind, doneAt }) => kind === 'use' && Date.parse(doneAt) <= nowMs),
  );
  return new Set(uses.map(({ doneAt }) => localDay(doneAt)));
}

function note(account: OpenAccount, event: JarEvent, atMs: number): void {
  const left = account.leftGrams;
  if (event.kind === 'use' || event.kind === 'weigh') account.notedMs = atMs;
  // What was drawn may not have been drunk; more than that was never there.
  if (event.kind === 'weigh' && event.leftGrams > left + account.drawnGrams + SCALE_GRAMS) account.tooHeavy = true;
  // From here on every gram is known again.
  if (event.kind === 'weigh' || event.kind === 'empty' || event.kind === 'fate') account.drawnGrams = 0;
  if (event.kind === 'grind')
    account.ground = { grams: Math.min(left, (account.ground?.grams ?? 0) + event.grams), atMs };
  enter(account, event.kind, atMs, changeOf(event, left));
}

/** What a fact changes in a jar that holds `left`, grams. */
function changeOf(event: JarEvent, left: number): number {
  switch (event.kind) {
    case 'use':
    case 'give':
    case 'throw':
      return -Math.min(left, event.grams);
    case 'weigh':
      return event.leftGrams - left;
    case 'empty':
    case 'fate':
      return -left;
    default:
      return 0;
  }
}

function enter(account: OpenAccount, kind: LedgerLine['kind'], atMs: number, byGrams: number): void {
  account.leftGrams += byGrams;
  // What is ground is used up first.
  if (account.ground) {
    const grams = Math.min(account.leftGrams, account.ground.grams + Math.min(0, byGrams));
    account.ground = grams > 0 ? { ...account.ground, grams } : undefined;
  }
  account.lines.push({ atMs, kind, byGrams, leftGrams: account.leftGrams });
}

/** A day's use that nobody noted, at its end. */
function draw(jars: readonly OpenAccount[], gramsWanted: number, endMs: number): void {
  const open = jars.filter((account) => account.leftGrams > 0 && account.fromMs < endMs && isDrunk(account, endMs));
  const inHand = ({ notedMs }: OpenAccount) => (endMs - notedMs <= OPEN_DAYS * DAY_MS ? notedMs : 0);
  const byUse = open
    .map((account) => ({ account, hand: inHand(account), fades: daysToFade(account, endMs) }))
    .sort((a, b) => b.hand - a.hand || a.fades - b.fades);
  let wanted = gramsWanted;
  for (const { account } of byUse) {
    const taken = Math.min(account.leftGrams, wanted);
    if (taken <= 0) return;
    account.drawnGrams += taken;
    wanted -= taken;
    // Just before midnight, so that it stands on the day it was drunk.
    enter(account, 'drawn', endMs - 1, -taken);
  }
}

function isDrunk({ jar }: OpenAccount, ms: number): boolean {
  const { readyDays, fadesDays } = drinkingWindow(jar.shade, jar.school);
  const days = effectiveDays(jar.madeAt, jar.events, ms);
  return days >= readyDays && days <= fadesDays && !isFrozen(jar.events, ms);
}

function daysToFade({ jar }: OpenAccount, ms: number): number {
  return drinkingWindow(jar.shade, jar.school).fadesDays - effectiveDays(jar.madeAt, jar.events, ms);
}

/** The next midnight of the household after a moment. */
function endOfDay(ms: number): number {
  const date = new Date(ms);
  return new Date(date.getFullYear(), date.getMonth(), date.getDate() + 1).getTime();
}
