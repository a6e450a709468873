import assert from 'node:assert/strict';
import { it } from 'node:test';
import { parseReminders, reminderLine } from '@/core/gear';

it('a reminder is written as it is read', () => {
  const lines = [
    '8:00 Turn the tray',
    'yellow Lid off',
    'every 3:30 Press start',
    'every 3:00 from 6:00 Turn the tray',
  ];
  const read = parseReminders(lines.join('\n'));
  assert.ok(read.ok);
  assert.deepEqual(read.value.map(reminderLine), lines);
  assert.deepEqual(
    read.value.map(({ when }) => when),
    [
      { kind: 'at', atS: 480 },
      { kind: 'milestone', milestone: 'yellow' },
      { kind: 'at', atS: 210, everyS: 210 },
      { kind: 'at', atS: 360, everyS: 180 },
    ],
  );
});
it('empty lines are passed over, small letters begin a sentence, and what is none is named', () => {
  const read = parseReminders('\n 2:00 lid off \n\n');
  assert.ok(read.ok && read.value.length === 1 && read.value[0]?.text === 'Lid off');
  const none = parseReminders('8:00 turn\nwhenever you like');
  assert.ok(!none.ok && /whenever you like/.test(JSON.stringify(none.issues)));
});
