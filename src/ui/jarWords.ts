import { differenceInCalendarDays, format } from 'date-fns';
import { localDay } from '@/core/units';
import type { JarNow } from '@/store/shelf';
import type { useWords } from './useHousehold';

/** A day ahead or behind as one says it: "today", "Friday", "3 Dec". */
export function dayName(ms: number, nowMs: number): string {
  const days = differenceInCalendarDays(ms, nowMs);
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return days > 1 && days < 7 ? format(ms, 'EEEE') : format(ms, 'd MMM');
}

/**
 * What a jar is called among others: its beans; the date of its roast where another jar holds the same beans, and its shade
 * where another holds a part of the same roast.
 */
export function jarName(
  jar: JarNow,
  among: readonly JarNow[],
  date: (iso: string) => string,
  shade: (number: JarNow['shade']) => string,
): string {
  const { roast, lot } = jar.named;
  const isMany = (is: (each: JarNow) => boolean) => among.filter(is).length > 1;
  return [
    lot?.name ?? 'Coffee',
    isMany((each) => each.named.roast.id === roast.id) && shade(jar.shade),
    isMany((each) => each.named.lot?.name === lot?.name) && date(roast.createdAt),
  ]
    .filter(Boolean)
    .join(', ');
}

/** A jar among others in a list to pick from: beans, shade, gear and the date of its roast. */
export function jarTitle(
  { named, shade }: JarNow,
  words: ReturnType<typeof useWords>,
  date: (iso: string) => string,
): string {
  return `${named.lot?.name ?? 'coffee'}, ${words.shade(shade)}, ${named.gearName}, ${date(named.roast.createdAt)}`;
}

/** What is left of a jar, and by what it is known. */
export function leftWords({ leftGrams, grams, weighed, account }: JarNow, words: ReturnType<typeof useWords>): string {
  const of = `${words.weight(leftGrams)} left of ${words.weight(grams)}${weighed ? '' : ', which was not weighed'}`;
  if (account.drawnGrams < 0.5) return `${of}.`;
  const sure = account.lines.findLast(({ kind }) => kind === 'weigh');
  const since = sure ? `it was weighed, ${words.dayOf(sure.atMs)}` : 'it was filled';
  return `${of}: reckoned, with ${words.weight(account.drawnGrams)} of your use since ${since}.`;
}

/** What of a jar is ground: that keeps for its day only (handbook, section 8). */
export function groundWords({ account: { ground } }: JarNow, words: ReturnType<typeof useWords>): string {
  if (!ground) return '';
  const today = localDay(ground.atMs) === localDay(Date.now());
  return `${words.weight(ground.grams)} of it ground ${today ? 'today: drink it today' : `${words.dayOf(ground.atMs)}, and stale by now`}`;
}

/** How a jar stands, in a few words. */
export function jarStateWords(jar: JarNow, nowMs: number): string {
  if (jar.frozen) return 'frozen: time nearly stands still';
  switch (jar.state) {
    case 'resting':
      return `resting, ready ${dayName(jar.readyMs, nowMs)}`;
    case 'ready':
      return `ready, at its best soon, until ${dayName(jar.bestMs, nowMs)}`;
    case 'best':
      return `at its best until ${dayName(jar.bestMs, nowMs)}`;
    case 'fading':
      return `fading until ${dayName(jar.fadesMs, nowMs)}: drink it up`;
    case 'past':
      return `past since ${dayName(jar.fadesMs, nowMs)}`;
  }
}

/** The address of a jar's page on the shelf. */
export const jarHref = (jar: JarNow, page: 'jar' | 'label' = 'jar') =>
  `/larder/${page}/?roast=${encodeURIComponent(jar.named.roast.id)}&pull=${encodeURIComponent(jar.pull.id)}`;
