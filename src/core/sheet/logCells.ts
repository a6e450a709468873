import type { Milestone } from '../roast/index.ts';
import { readableMoment, readableNumber, readableSpan, readableTimeOfDay } from './cells.ts';

/** Words by which an event is known. Ours. */
const EVENTS: readonly (readonly [RegExp, Milestone | 'charge'])[] = [
  [/\b(charged?|beans in|dropped in|loaded)\b/i, 'charge'],
  [/(end|over|finish).*(first|1st).*crack|(first|1st).*crack.*(end|over|finish|done)/i, 'firstCrackEnd'],
  [/\b(first|1st|1\.)\s*crack|\bcrack(ing|s)?\s*(begins|starts|1)?$/i, 'firstCrack'],
  [/\b(second|2nd|2\.)\s*crack/i, 'secondCrack'],
  [/\b(yellow|dry(ing)? end|end of drying)\b/i, 'yellow'],
  [/\b(pull(ed)?|beans out|out|stop|end|cooling)\b/i, 'pull'],
  // Last, since everything may start.
  [/\bstart\b/i, 'charge'],
];

/** What happened by such words; undefined where they name nothing that is known. */
export const eventIn = (text: string) => EVENTS.find(([word]) => word.test(text))?.[1];

/** Seconds as a column counts them, from wherever it begins; undefined where a cell says no time. */
export function secondsIn(cell: string, heading: string): number | undefined {
  const moment = readableMoment(cell);
  if (moment) return moment.timeS;
  const span = readableSpan(cell) ?? readableTimeOfDay(cell);
  if (span !== undefined) return span;
  const number = readableNumber(cell);
  if (number === undefined) return undefined;
  if (/\b(ms|milli)/i.test(heading)) return number / 1000;
  return /\bmin(utes?)?\b/i.test(heading) ? number * 60 : number;
}
