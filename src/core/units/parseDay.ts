import { failure, type Result, success } from '../issues/index.ts';
import { localDay } from './localDay.ts';

/** A day as somebody wrote it, and the time of day where they wrote that too. */
export interface WrittenDay {
  /** `2026-11-21` */
  readonly day: string;
  /** `14:30` */
  readonly time: string | undefined;
}

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/**
 * Understands `2026-11-21`, `21.11.`, `21/11/25`, `21 Nov`, `Nov 21 2025`, each with a time behind it or none. Without a
 * year it is the last such day up to `today`. In figures the day comes first, or the month where `monthFirst`.
 */
export function parseDay(text: string, today: string, monthFirst = false): Result<WrittenDay> {
  const written = text.trim().toLowerCase().replaceAll(',', ' ');
  const time = /(?:^|\s|t)(\d{1,2}):(\d{2})\s*(am|pm)?$/.exec(written);
  const parts = partsOf(time ? written.slice(0, time.index).trim() : written, monthFirst);
  const found = parts && dayFrom(parts, today);
  if (!found) return failure({ code: 'notADay', path: [], text: text.trim() });
  return success({ day: found, time: time ? clockOf(time) : undefined });
}

interface Parts {
  readonly year: number | undefined;
  readonly month: number;
  readonly day: number;
}

function partsOf(written: string, monthFirst: boolean): Parts | undefined {
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(written);
  if (iso) return { year: Number(iso[1]), month: Number(iso[2]), day: Number(iso[3]) };
  const figures = /^(\d{1,2})\s*([./-])\s*(\d{1,2})(?:\s*[./-]\s*(\d{2}|\d{4})?)?$/.exec(written);
  if (figures) {
    const [a, b] = [Number(figures[1]), Number(figures[3])];
    // Dots are written where the day comes first.
    const [month, day] = monthFirst && figures[2] !== '.' ? [a, b] : [b, a];
    return { year: fullYear(figures[4]), month, day };
  }
  const named = /^(\d{1,2})\.?\s*([a-z]{3,9})\.?\s*(\d{4})?$/.exec(written);
  const turned = /^([a-z]{3,9})\.?\s*(\d{1,2})\.?\s*(\d{4})?$/.exec(written);
  const [name, day, year] = named ? [named[2], named[1], named[3]] : turned ? [turned[1], turned[2], turned[3]] : [];
  const month = MONTHS.indexOf((name ?? '').slice(0, 3)) + 1;
  return month > 0 ? { year: fullYear(year), month, day: Number(day) } : undefined;
}

function fullYear(text: string | undefined): number | undefined {
  return text ? Number(text) + (text.length === 2 ? 2000 : 0) : undefined;
}

function dayFrom({ year, month, day }: Parts, today: string): string | undefined {
  const of = (which: number) => {
    const date = new Date(which, month - 1, day);
    return date.getMonth() === month - 1 && date.getDate() === day && which > 1970 ? localDay(date) : undefined;
  };
  if (year !== undefined) return of(year);
  const thisYear = Number(today.slice(0, 4));
  return [thisYear, thisYear - 1, thisYear - 2, thisYear - 3, thisYear - 4]
    .map(of)
    .find((each) => each && each <= today);
}

function clockOf([, hour, minute, half]: RegExpExecArray): string | undefined {
  const twelve = Number(hour) % 12;
  const hours = half ? twelve + (half === 'pm' ? 12 : 0) : Number(hour);
  return hours < 24 && Number(minute) < 60 ? `${String(hours).padStart(2, '0')}:${minute}` : undefined;
}
