import { failure, type Result, success } from '../issues/index.ts';

/** Writes seconds as `4:36`, `-0:30` or `1:02:05`; whole seconds, cut off and not rounded, as a clock shows them. */
export function formatClock(seconds: number): string {
  const whole = Math.trunc(Math.abs(seconds) + 1e-9);
  const sign = seconds < 0 && whole > 0 ? '-' : '';
  const hours = Math.floor(whole / 3600);
  const minutes = Math.floor((whole % 3600) / 60);
  const rest = String(whole % 60).padStart(2, '0');
  return hours > 0 ? `${sign}${hours}:${String(minutes).padStart(2, '0')}:${rest}` : `${sign}${minutes}:${rest}`;
}

/** Writes a span in words: `45 s`, `4 min`, `1 h 12 min`. Rounded to what a person would say. */
export function formatSpan(seconds: number): string {
  const whole = Math.round(seconds);
  if (Math.abs(whole) < 60) return `${whole} s`;
  const minutes = Math.round(whole / 60);
  if (Math.abs(minutes) < 60) return `${minutes} min`;
  const rest = Math.abs(minutes % 60);
  return `${Math.trunc(minutes / 60)} h${rest === 0 ? '' : ` ${rest} min`}`;
}

/**
 * Understands a clock reading: `7:42`, `7.42`, `7m42`, `7 42`, `-0:30` or plain seconds `462` / `462 s`.
 * Gives seconds; seconds of 60 or more behind minutes are refused as a slip.
 */
export function parseClock(text: string): Result<number> {
  const trimmed = text.trim();
  if (trimmed === '') return failure({ code: 'empty', path: [], expected: 'minutes and seconds such as 7:42' });
  const plain = /^(-?\d+(?:[.,]\d+)?)\s*s?$/.exec(trimmed);
  if (plain && !/^-?\d+[.,]\d\d$/.test(trimmed)) return success(Number((plain[1] as string).replace(',', '.')));
  const parts = /^(-?)(?:(\d+):(?=\d+:))?(\d+)\s*[:.,\s m']\s*(\d{1,2}(?:\.\d)?)\s*[s"]?$/.exec(trimmed);
  if (!parts || Number(parts[4]) >= 60) return failure({ code: 'notAClock', path: [], text: trimmed });
  const seconds = Number(parts[2] ?? 0) * 3600 + Number(parts[3]) * 60 + Number(parts[4]);
  return success(parts[1] === '-' ? -seconds : seconds);
}
