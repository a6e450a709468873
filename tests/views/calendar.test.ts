import assert from 'node:assert/strict';
import { it } from 'node:test';
import ICAL from 'ical.js';
import nodeIcal from 'node-ical';
import { jarEntries, roastDayEntry, roastDueEntry } from '@/core/exchange';
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
  roastDueEntry('2026-12-31'),
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
      ['Roast', '2026-12-31', true],
    ],
  );
  assert.deepEqual(
    events.map(({ uid }) => uid),
    read().map(({ uid }) => uid),
  );
  assert.equal(new Set(events.map(({ uid }) => uid)).size, entries.length);
});

it('and by a second one: each is a day long, also over the turn of a year', () => {
  const events = Object.values(nodeIcal.sync.parseICS(calendarText(entries))).filter((each) => each?.type === 'VEVENT');
  assert.equal(events.length, entries.length);
  for (const event of events) {
    assert.ok(event?.type === 'VEVENT' && event.datetype === 'date');
    assert.equal(Math.round((Number(event.end) - Number(event.start)) / 86_400_000), 1);
  }
});

it('keeps to RFC 5545: whole days by VALUE=DATE, no duration with an empty time, lines ended by CRLF, none over 75 octets', () => {
  const text = calendarText(entries);
  assert.doesNotMatch(text, /DURATION/);
  assert.match(text, /DTSTART;VALUE=DATE:20261231\r\n[\s\S]*DTEND;VALUE=DATE:20270101\r\n/);
  for (const line of text.split('\r\n')) assert.ok(Buffer.byteLength(line) <= 75 && !line.includes('\n'), line);
});
