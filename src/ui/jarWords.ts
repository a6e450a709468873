import { differenceInCalendarDays, format } from 'date-fns';
import type { JarNow } from '@/store/shelf';

/** A day ahead or behind as one says it: "today", "Friday", "3 Dec". */
export function dayName(ms: number, nowMs: number): string {
  const days = differenceInCalendarDays(ms, nowMs);
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return days > 1 && days < 7 ? format(ms, 'EEEE') : format(ms, 'd MMM');
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
