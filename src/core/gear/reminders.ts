import { failure, type Result, success } from '../issues/index.ts';
import { formatClock, parseClock } from '../units/index.ts';
import type { Gear } from './gear.ts';

export type GearReminder = NonNullable<Gear['reminders']>[number];

const WORDS = {
  yellow: 'yellow',
  firstCrack: 'first crack',
  firstCrackEnd: 'end of first crack',
  secondCrack: 'second crack',
} as const;
type ReminderMilestone = keyof typeof WORDS;
const EXAMPLE = '8:00 turn the tray';

/** A reminder as it is typed: a time or a milestone, then what to do. */
export function reminderLine({ when, text }: GearReminder): string {
  return `${when.kind === 'at' ? formatClock(when.atS) : WORDS[when.milestone]} ${text}`;
}

/**
 * Reads reminders, one a line: `8:00 turn the tray`, `yellow lid off`. Empty lines are passed over. Gives all of them, or an
 * issue that names the line.
 */
export function parseReminders(text: string): Result<GearReminder[]> {
  const lines = text.split(/\r?\n/).filter((line) => line.trim() !== '');
  const reminders: GearReminder[] = [];
  for (const line of lines) {
    const milestone = (Object.keys(WORDS) as ReminderMilestone[]).find((each) =>
      line.trim().toLowerCase().startsWith(`${WORDS[each]} `),
    );
    const [head = '', ...rest] = milestone
      ? [WORDS[milestone], line.trim().slice(WORDS[milestone].length)]
      : line.trim().split(/\s+/);
    const clock = milestone ? undefined : parseClock(head);
    const what = rest.join(' ').trim().slice(0, 80);
    if ((clock && !clock.ok) || what === '')
      return failure({
        code: 'empty',
        path: [],
        expected: `“${line.trim()}” as a time or a milestone and what to do, such as ${EXAMPLE}`,
      });
    reminders.push({
      when: milestone ? { kind: 'milestone', milestone } : { kind: 'at', atS: clock?.ok ? clock.value : 0 },
      text: what[0]?.toUpperCase() + what.slice(1),
    });
  }
  return success(reminders.slice(0, 10));
}
