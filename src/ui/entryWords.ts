import { type Control, settingWords } from '@/core/gear';
import { assertNever } from '@/core/issues';
import { chargePressedS, type Entry, milestoneNames, type Roast } from '@/core/roast';
import { colourName, type ShadeNumber } from '@/core/shade';
import { formatClock } from '@/core/units';

interface Words {
  readonly measured: (grams: number) => string;
  readonly temperature: (celsius: number) => string;
  readonly shade: (shade: ShadeNumber) => string;
}

/** What an entry says, without its time: “yellow”, “flame 5”, “smell of hay”. */
export function entryName(entry: Entry, words: Words, controls: readonly Control[]): string {
  switch (entry.kind) {
    case 'mark':
      return milestoneNames[entry.milestone];
    case 'crack':
      return entry.crack === 'first' ? 'a pop' : 'a snap';
    case 'pull':
      return [
        entry.all ? 'pull' : 'pull of a part',
        entry.shade && words.shade(entry.shade),
        entry.grams !== undefined && words.measured(entry.grams),
      ]
        .filter(Boolean)
        .join(', ');
    case 'reading':
      return `reading ${words.temperature(entry.celsius)}`;
    case 'move':
      return settingWords(controls, entry.control, entry.value);
    case 'smell':
      return `smell of ${entry.smell}`;
    case 'colour':
      return `colour ${colourName(entry.tone)}`;
    case 'sense':
      return `${entry.sense} ${entry.word}`;
    case 'skip':
      return 'a move skipped';
    case 'note':
      return `“${entry.text}”`;
    case 'amend':
      return 'a correction';
    case 'undo':
      return 'an undo';
    default:
      return assertNever(entry);
  }
}

/** An entry with its time, short enough for the undo button: “yellow 2:58”. */
export function entryWords(entry: Entry, words: Words, controls: readonly Control[]): string {
  if (entry.kind === 'amend') return amendmentWords(entry);
  const name = entryName(entry, words, controls);
  return `${name.length > 24 ? `${name.slice(0, 22)}…` : name} ${formatClock(entry.at)}`;
}

function amendmentWords(entry: Extract<Entry, { kind: 'amend' }>): string {
  if (entry.happenedAt !== undefined) return 'the correction';
  if (entry.grams !== undefined) return 'the weight';
  if (entry.shade !== undefined) return 'the shade';
  if (entry.text !== undefined) return 'the wording';
  return entry.sure ? 'the answer' : 'the correction';
}

/** How far the charge was moved since it was pressed: “beans in 0:05 earlier”. */
export function chargeMovedWords(roast: Pick<Roast, 'chargedAt' | 'chargePressedAt'>): string {
  return `beans in ${chargeShiftWords(-chargePressedS(roast))}`;
}

/** How far a charge is moved, seconds: “0:15 earlier”. */
export const chargeShiftWords = (byS: number): string =>
  `${formatClock(Math.abs(byS))} ${byS < 0 ? 'earlier' : 'later'}`;
