import type { LiveEntry } from '../../roast/index.ts';
import { namedColours } from '../../shade/index.ts';
import { type Answer, logs } from './telling.ts';

const toneOf = (name: string) => namedColours.find((colour) => colour.name === name)?.tone ?? 0;

/** From this tone on the beans are past yellow, whether that was marked or not. */
export const PAST_YELLOW_TONE = toneOf('tan');

/** What the beans look like now, one press each. "Cracking" marks first crack; a colour is what was seen. */
export function lookAnswers(nowS: number): Answer[] {
  const colour = (name: string) => logs({ kind: 'colour', tone: toneOf(name) }, nowS);
  return [
    { label: 'Green', does: colour('green') },
    { label: 'Yellow', does: logs({ kind: 'mark', milestone: 'yellow' }, nowS) },
    { label: 'Brown', does: colour('brown') },
    { label: 'Cracking', does: logs({ kind: 'mark', milestone: 'firstCrack' }, nowS) },
  ];
}

/** Whether somebody said within the last `withinS` what the beans look like or do. */
export function lookedWithinS(live: readonly LiveEntry[], nowS: number, withinS: number): boolean {
  return live.some(
    ({ kind, pressedAt }) => (kind === 'colour' || kind === 'mark' || kind === 'sense') && nowS - pressedAt < withinS,
  );
}

/** The darkest colour that was seen, as a tone; undefined where none was named. */
export function darkestSeen(live: readonly LiveEntry[]): number | undefined {
  const tones = live.flatMap((entry) => (entry.kind === 'colour' ? [entry.tone] : []));
  return tones.length === 0 ? undefined : Math.max(...tones);
}
