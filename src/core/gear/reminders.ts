import { failure, type Result, success } from '../issues/index.ts';
import { capital, formatClock, parseClock } from '../units/index.ts';
import type { Gear } from './gear.ts';
import { traysOf } from './gearFigures.ts';

/** Something that the gear asks for each so many roasts. */
export type GearReminder = NonNullable<Gear['reminders']>[number];

/** The upper of two trays runs ahead: changed over this often they keep together. Common roasting knowledge, not in the handbook. */
const CHANGE_TRAYS: GearReminder = {
  when: { kind: 'at', atS: 180, everyS: 180 },
  text: 'Change the trays over and turn them round',
};

/** What is called out during a roast on it: its own reminders, and the turns of two trays unless they have some already. */
export function remindersOf(gear: Pick<Gear, 'method' | 'trays' | 'reminders'>): readonly GearReminder[] {
  const own = gear.reminders ?? [];
  const turns = own.some(({ when }) => when.kind === 'at' && when.everyS !== undefined);
  return traysOf(gear) === 2 && !turns ? [...own, CHANGE_TRAYS] : own;
}

const WORDS = {
  yellow: 'yellow',
  firstCrack: 'first crack',
  firstCrackEnd: 'end of first crack',
  secondCrack: 'second crack',
} as const;
type ReminderMilestone = keyof typeof WORDS;
const EXAMPLE = '8:00 turn the tray';
/** Nobody can do something more often than this, seconds. */
const LEAST_EVERY_S = 20;

/** A reminder as it is typed: a time or a milestone, then what to do. */
export function reminderLine({ when, text }: GearReminder): string {
  if (when.kind === 'milestone') return `${WORDS[when.milestone]} ${text}`;
  if (when.everyS === undefined) return `${formatClock(when.atS)} ${text}`;
  const from = when.atS === when.everyS ? '' : ` from ${formatClock(when.atS)}`;
  return `every ${formatClock(when.everyS)}${from} ${text}`;
}

/**
 * Reads reminders, one a line: `8:00 turn the tray`, `yellow lid off`, `every 3:30 press start`, `every 3:00 from 6:00 turn
 * the tray`. Empty lines are passed over. Gives all of them, or an issue that names the line.
 */
export function parseReminders(text: string): Result<GearReminder[]> {
  const lines = text.split(/\r?\n/).filter((line) => line.trim() !== '');
  const reminders: GearReminder[] = [];
  for (const line of lines) {
    const found = reminderOf(line.trim());
    if (!found)
      return failure({
        code: 'empty',
        path: [],
        expected: `“${line.trim()}” as a time or a milestone and what to do, such as ${EXAMPLE}`,
      });
    reminders.push({ ...found, text: capital(found.text) });
  }
  return success(reminders.slice(0, 10));
}

const MOST_TEXT = 80;

function reminderOf(line: string): GearReminder | undefined {
  const milestone = (Object.keys(WORDS) as ReminderMilestone[]).find((each) =>
    line.toLowerCase().startsWith(`${WORDS[each]} `),
  );
  if (milestone) return described({ kind: 'milestone', milestone }, line.slice(WORDS[milestone].length));
  const again = /^every\s+(\S+)(?:\s+from\s+(\S+))?\s+(.*)$/i.exec(line);
  if (again) {
    const [every, from] = [parseClock(again[1] as string), parseClock(again[2] ?? (again[1] as string))];
    if (!every.ok || !from.ok || every.value < LEAST_EVERY_S || from.value < 0) return undefined;
    return described({ kind: 'at', atS: from.value, everyS: every.value }, again[3] as string);
  }
  const [head = '', ...rest] = line.split(/\s+/);
  const clock = parseClock(head);
  return clock.ok && clock.value >= 0 ? described({ kind: 'at', atS: clock.value }, rest.join(' ')) : undefined;
}

function described(when: GearReminder['when'], text: string): GearReminder | undefined {
  const what = text.trim().slice(0, MOST_TEXT);
  return what === '' ? undefined : { when, text: what };
}
