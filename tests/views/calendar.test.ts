import assert from 'node:assert/strict';
import { it } from 'node:test';
import ICAL from 'ical.js';
import { jarEntries, roastDayEntry } from '@/core/exchange';
import { calendarText } from '@/ui/calendarText';

const entries = [
  ...jarEntries({
    id: 'jar:test0001',
    name: 'Lantern Terrace',
    readyOn: '2026-11-26',
    bestUntil: '2026-12-15',
    roastedOn: '2026-11-24',
  }),
  roastDayEntry('2026-11-28', 3),
  roastDayEntry('2026-12-05', 0),
];

it('the calendar is read back by a well-known parser: whole days, titles, ids that stay', () => {
  const read = () => {
    const calendar = new ICAL.Component(ICAL.parse(calendarText(entries)));
    return calendar.getAllSubcomponents('vevent').map((each) => new ICAL.Event(each));
  };
  const events = read();
  assert.deepEqual(
    events.map((event) => [event.summary, event.startDate.toString(), event.startDate.isDate]),
    [
      ['Lantern Terrace is ready', '2026-11-26', true],
      ['Lantern Terrace is at its best until today', '2026-12-15', true],
      ['Roast: 3 batches', '2026-11-28', true],
      ['Roast', '2026-12-05', true],
    ],
  );
  assert.deepEqual(
    events.map(({ uid }) => uid),
    read().map(({ uid }) => uid),
  );
  assert.equal(new Set(events.map(({ uid }) => uid)).size, entries.length);
});
