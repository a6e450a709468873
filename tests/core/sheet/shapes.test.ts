import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { listColumns, logColumns, readList, readLog, sheetOf } from '@/core/sheet';
import { localDay } from '@/core/units';

/** One roast as every log of it should read: seconds, °C. */
const TRUE = Array.from({ length: 21 }, (_, i) => ({ s: i * 30, c: 90 + Math.round(115 * (1 - 0.85 ** i)) }));
const f = (c: number) => (c * 9) / 5 + 32;
const clock = (s: number) => `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
const hms = (s: number) => new Date(s * 1000).toISOString().slice(11, 19);
const lines = (head: string, of: (row: (typeof TRUE)[number]) => string, end = '\n') =>
  [...(head ? [head] : []), ...TRUE.map(of)].join(end);
const BEGAN = 10 * 3600 + 15 * 60;

const logs: Record<string, string> = {
  'm:ss and °C': lines('Time,Temperature (°C)', ({ s, c }) => `${clock(s)},${c}`),
  'seconds, no heading': lines('', ({ s, c }) => `${s},${c}.0`),
  'seconds with CRLF and a last blank line': `${lines('sec,temp', ({ s, c }) => `${s},${c}`, '\r\n')}\r\n\r\n`,
  'semicolons and decimal commas': lines('Zeit;Temperatur', ({ s, c }) => `${s},0;${c},0`),
  tabs: lines('time\ttemp', ({ s, c }) => `${clock(s)}\t${c}`),
  bars: lines('time|temp', ({ s, c }) => `${clock(s)}|${c}`),
  '°F by heading': lines('Time,Bean temp [F]', ({ s, c }) => `${clock(s)},${f(c).toFixed(1)}`),
  '°F by its values': lines('Time,Probe', ({ s, c }) => `${s},${f(c).toFixed(1)}`),
  '°F behind each value': lines('Time,Probe', ({ s, c }) => `${s},${f(c).toFixed(1)} °F`),
  'h:mm:ss from nothing': lines('elapsed,degrees C', ({ s, c }) => `${hms(s)},${c}`),
  'the time of day': lines('clock,probe', ({ s, c }) => `${hms(BEGAN + s)},${c}`),
  'the time of day over midnight': lines('clock,probe', ({ s, c }) => `${hms((86_100 + s) % 86_400)},${c}`),
  'ISO date and time': lines('at,celsius', ({ s, c }) => `2026-11-21T${hms(BEGAN + s)}Z,${c}`),
  'day first with dots': lines('at;temp', ({ s, c }) => `21.11.2026 ${hms(BEGAN + s)};${c},0`),
  'month first with slashes': lines('at,temp', ({ s, c }) => `11/21/2026 ${hms(BEGAN + s)},${c}`),
  'the thirteenth, day first': lines('at,temp', ({ s, c }) => `13/12/2026 ${hms(BEGAN + s)},${c}`),
  'the thirteenth, month first': lines('at,temp', ({ s, c }) => `12/13/2026 ${hms(BEGAN + s)},${c}`),
  'twelve hours': lines(
    'at,temp',
    ({ s, c }) =>
      `11/21/2026 ${clock(615 * 60 + s).replace(/^(\d+):/, (_, m) => `${Math.floor(m / 60)}:${String(m % 60).padStart(2, '0')}:`)} AM,${c}`,
  ),
  'minutes with decimals': lines('minutes,temp', ({ s, c }) => `${s / 60},${c}`),
  milliseconds: lines('time (ms),temp', ({ s, c }) => `${s * 1000},${c}`),
  'several probes': lines('Time,Exhaust,Beans,Room', ({ s, c }) => `${clock(s)},${c + 40},${c},21`),
  'temperature first': lines('temp,time', ({ s, c }) => `${c},${clock(s)}`),
  'a byte order mark': `\ufeff${lines('time,temp', ({ s, c }) => `${s},${c}`)}`,
  'quoted cells': lines('"Time","Temp, beans"', ({ s, c }) => `"${clock(s)}","${c}"`),
  'remarks before the table': `Log of the blue popper\nwith the thin probe\n\n${lines('time,temp', ({ s, c }) => `${s},${c}`)}`,
  'an index column before': lines('no,time,temp', ({ s, c }) => `${s / 30 + 1},${clock(s)},${c}`),
  'events in words': lines(
    'time,temp,event',
    ({ s, c }) => `${clock(s)},${c},${s === 420 ? 'First crack' : s === 600 ? 'Pulled' : ''}`,
  ),
  'the time of day in twelve hours': lines(
    'clock,temp',
    ({ s, c }) => `${hms(11 * 3600 + 55 * 60 + s).replace(/^12/, '12')} ${s < 300 ? 'AM' : 'PM'},${c}`,
  ),
  'minutes and seconds spelled': lines('time,temp', ({ s, c }) => `${Math.floor(s / 60)}m${s % 60}s,${c}`),
};

describe('temperature logs', () => {
  for (const [what, text] of Object.entries(logs))
    it(what, () => {
      const sheet = sheetOf(text);
      const columns = logColumns(sheet);
      assert.ok(columns, 'known as a log');
      const { readings, faults } = readLog(sheet, columns);
      assert.deepEqual(faults, []);
      assert.deepEqual(
        readings.map(({ at }) => at),
        TRUE.map(({ s }) => s),
      );
      for (const [i, { celsius }] of readings.entries())
        assert.ok(Math.abs(celsius - (TRUE[i]?.c ?? 0)) < 0.15, `${celsius}`);
    });

  it('begins when the beans went in, and knows its marks', () => {
    const text = lines(
      'time,temp,note',
      ({ s, c }) =>
        `${clock(s)},${c},${s === 60 ? 'beans in' : s === 420 ? '1st crack' : s === 540 ? 'end of first crack' : ''}`,
    );
    const sheet = sheetOf(text);
    const columns = logColumns(sheet);
    assert.ok(columns);
    const { readings, marks } = readLog(sheet, columns);
    assert.equal(readings[0]?.at, -60);
    assert.deepEqual(marks, [
      { milestone: 'firstCrack', at: 360 },
      { milestone: 'firstCrackEnd', at: 480 },
    ]);
  });

  it('begins where somebody says that the beans went in, and sees where they may have', () => {
    // The empty gear at 210 °C for 100 s; then cold beans, 115 °C at the turn 60 s later, up to 205 °C and cooled at the end.
    const celsius = (s: number) => {
      if (s <= 100) return 208 + (s % 20) / 10;
      if (s <= 160) return 210 - ((s - 100) / 60) * 95;
      return s <= 600 ? 115 + ((s - 160) / 440) * 90 : 205 - (s - 600);
    };
    const text = ['time,temp', ...Array.from({ length: 71 }, (_, i) => `${clock(i * 10)},${celsius(i * 10)}`)].join(
      '\n',
    );
    const sheet = sheetOf(text);
    const columns = logColumns(sheet);
    assert.ok(columns);
    const asItIs = readLog(sheet, columns);
    assert.deepEqual([asItIs.chargeS, asItIs.fallS, asItIs.readings[0]?.at], [0, 100, 0]);
    const { readings, chargeS, fallS } = readLog(sheet, columns, 100);
    assert.deepEqual([chargeS, fallS, readings[0]?.at, readings.at(-1)?.at], [100, 100, -100, 600]);
    // Gear that was cold has no fall but the last.
    const cold = sheetOf(lines('time,temp', ({ s, c }) => `${clock(s)},${c}`));
    assert.equal(readLog(cold, columns).fallS, undefined);
    // Where a line says it, nothing is guessed.
    const said = sheetOf(text.replace('time,temp', 'time,temp,note').replace(/^1:30.*$/m, '$&,beans in'));
    const told = readLog(said, { ...columns, event: 2 });
    assert.deepEqual([told.chargeS, told.fallS], [90, undefined]);
  });

  it('leaves out what no roast reaches', () => {
    const days = sheetOf(['time,temp', ...Array.from({ length: 12 }, (_, i) => `${i * 36_000},${90 + i}`)].join('\n'));
    const { readings, faults } = readLog(days, { time: 0, temperature: 1, event: undefined, unit: 'C' }, 18_000);
    assert.deepEqual(
      readings.map(({ at }) => at),
      [18_000, 54_000],
    );
    assert.deepEqual([faults.length, faults[0]?.line], [10, 2]);
  });

  it('knows what happened in whichever words', () => {
    const said = ['Charge', 'Drying end', '1st crack start', 'First crack over', '2nd crack start', 'Start cooling'];
    const text = lines('time,temp,note', ({ s, c }) => `${clock(s)},${c},${(s % 60 === 0 && said[s / 60]) || ''}`);
    const sheet = sheetOf(text);
    const columns = logColumns(sheet);
    const { marks = [] } = columns ? readLog(sheet, columns) : {};
    const found = marks.map(({ milestone, at }) => `${milestone} ${at}`);
    assert.deepEqual(found, ['yellow 60', 'firstCrack 120', 'firstCrackEnd 180', 'secondCrack 240', 'pull 300']);
  });

  it('says the day and the time where the file does', () => {
    const began = (key: string) => {
      const sheet = sheetOf(logs[key] ?? '');
      const columns = logColumns(sheet);
      return columns && readLog(sheet, columns).began;
    };
    assert.deepEqual(began('month first with slashes'), { day: '2026-11-21', timeS: BEGAN });
    assert.deepEqual(began('day first with dots'), { day: '2026-11-21', timeS: BEGAN });
    for (const key of ['the thirteenth, day first', 'the thirteenth, month first'])
      assert.deepEqual(began(key), { day: '2026-12-13', timeS: BEGAN }, key);
    // Where either may be the month, the day comes first.
    const either = sheetOf((logs['the thirteenth, month first'] ?? '').replaceAll('12/13/', '11/12/'));
    const columns12 = logColumns(either);
    assert.equal(columns12 && readLog(either, columns12).began?.day, '2026-12-11');
    assert.deepEqual(began('the time of day'), { day: undefined, timeS: BEGAN });
    assert.equal(began('m:ss and °C'), undefined);
    // A moment with a zone is the same moment in every kitchen, and told by the clock of this one.
    const sheet = sheetOf(
      lines(
        'at,temp,event',
        ({ s, c }) =>
          `2026-11-21T23:${String(30 + s / 60)
            .padStart(2, '0')
            .slice(0, 2)}:${s % 60 ? '30' : '00'}-05:00,${c},${s === 60 ? 'beans in' : ''}`,
      ),
    );
    const columns = logColumns(sheet);
    const told = columns && readLog(sheet, columns).began;
    const there = new Date('2026-11-21T23:31:00-05:00');
    assert.deepEqual(told, { day: localDay(there), timeS: there.getHours() * 3600 + there.getMinutes() * 60 });
  });

  it('are none where time does not go on, stands still, or is hardly there', () => {
    const columns = (of: (i: number) => string) =>
      logColumns(sheetOf(['time,temp', ...Array.from({ length: 12 }, (_, i) => `${of(i)},${90 + 9 * i}`)].join('\n')));
    assert.ok(columns((i) => `${30 * i}`));
    assert.equal(
      columns(() => '30'),
      undefined,
      'it stands still',
    );
    assert.equal(
      columns((i) => `${30 * (i % 3)}`),
      undefined,
      'it goes back and forth',
    );
    assert.equal(
      columns((i) => (i % 2 ? `${30 * i}` : '')),
      undefined,
      'half of it is missing',
    );
  });

  it('lists what cannot be read, by its line, and reads the rest', () => {
    const text =
      'time,temp\n0:00,90\nlater,95\n0:30,hot\n1:00,100\n0:45,101\n1:30,9999\n2:00,110\n2:30,120\n3:00,130\n3:30,140';
    const sheet = sheetOf(text);
    const { readings, faults } = readLog(sheet, { time: 0, temperature: 1, event: undefined, unit: 'C' });
    assert.deepEqual(
      faults.map(({ line }) => line),
      [3, 4, 6, 7],
    );
    assert.deepEqual(
      readings.map(({ at }) => at),
      [0, 60, 120, 150, 180, 210],
    );
  });
});

const lists: Record<string, string> = {
  'headings in words':
    'Date,Coffee,Green (g),Roasted (g),First crack,Total time,Notes\n2026-11-03,Kite Hill,80,68.5,5:10,6:40,sweet\n2026-11-05,Kite Hill,80,68,5:20,6:50,',
  'semicolons, decimal commas, dots in dates':
    'date;beans;green g;roasted g;1st crack;pull;note\n03.11.2026;Kite Hill;80,0;68,5;5:10;6:40;sweet\n05.11.2026;Kite Hill;80,0;68,0;5:20;6:50;',
  'month first, ounces, seconds':
    'Date\tBeans\tGreen (oz)\tRoasted (oz)\tFirst crack (s)\tPull (s)\tNote\n11/03/2026\tKite Hill\t2.82\t2.42\t310\t400\tsweet\n11/25/2026\tKite Hill\t2.82\t2.4\t320\t410\t',
  'no headings': '2026-11-03,Kite Hill,80,68.5,5:10,6:40\n2026-11-05,Kite Hill,80,68,5:20,6:50',
  'minutes with decimals, a column nobody knows':
    'day,moon,bean,green,out,first crack (min),end (min)\n3/11/2026,full,Kite Hill,80 g,68.5 g,5.1667,6.6667\n25/11/2026,new,Kite Hill,80 g,68 g,5.333,6.8333',
};

describe('lists of roasts', () => {
  for (const [what, text] of Object.entries(lists))
    it(what, () => {
      const sheet = sheetOf(text);
      assert.equal(logColumns(sheet), undefined, 'no log');
      const { rows, faults } = readList(sheet, listColumns(sheet), { monthFirst: false });
      assert.equal(rows.length, 2);
      assert.deepEqual(faults, []);
      const [first] = rows;
      assert.equal(first?.date, '2026-11-03');
      assert.equal(first?.beans, 'Kite Hill');
      assert.equal(first?.firstCrack, '5:10');
      assert.equal(first?.pull, '6:40');
      assert.match(first?.green ?? '', /^(80([.,]0)?( g)?|2\.82 oz)$/);
      assert.match(first?.roasted ?? '', /^(68[.,]5( g)?|2\.42 oz)$/);
    });

  const listed = (text: string) => {
    const sheet = sheetOf(text);
    return readList(sheet, listColumns(sheet), { monthFirst: false });
  };
  it('a time of day goes with its date, and a bare time is how long it took where nothing else says that', () => {
    const both = listed(
      'Date,Time,Coffee,Total time\n2026-11-03,2:05 PM,Kite Hill,6:40\n2026-11-04,9:30 AM,Kite Hill,6:50',
    );
    assert.deepEqual(
      both.rows.map(({ date, pull }) => [date, pull]),
      [
        ['2026-11-03 14:05', '6:40'],
        ['2026-11-04 09:30', '6:50'],
      ],
    );
    const [bare] = listed('Date,Coffee,Time\n2026-11-03,Kite Hill,6:40\n2026-11-04,Kite Hill,6:50').rows;
    assert.deepEqual([bare?.date, bare?.pull], ['2026-11-03', '6:40']);
  });
  it('minutes that a spreadsheet took for hours are minutes; a moment with a zone is told by the clock here', () => {
    for (const [crack, out] of [
      ['5:10:00', '6:40:00'],
      ['5:10:00 AM', '6:40:00 AM'],
    ]) {
      const [row] = listed(`date,coffee,first crack,pull\n2026-11-03,Kite Hill,${crack},${out}`).rows;
      assert.deepEqual([row?.firstCrack, row?.pull], ['5:10', '6:40']);
    }
    const [long] = listed('date,coffee,first crack,pull,roast level\n2026-11-03,Kite Hill,0:50:00,1:05:30,4').rows;
    assert.deepEqual([long?.firstCrack, long?.pull, long?.shade], ['50:00', '1:05:30', '4']);
    const [zoned] = listed('date,coffee,pull\n2026-11-03T23:30:00-05:00,Kite Hill,6:40').rows;
    const there = new Date('2026-11-03T23:30:00-05:00');
    assert.equal(zoned?.date, `${localDay(there)} ${there.toTimeString().slice(0, 5)}`);
  });
  it('lines that say nothing are listed', () => {
    const gaps = listed('date,beans,note\n2026-11-03,Kite Hill,"two\nlines"\n\n,,just words');
    assert.deepEqual(gaps.faults, [{ line: 5, why: 'nothing in it is a roast' }]);
    const sheet = sheetOf('date,beans,green,pull,note\n2026-11-03,Kite Hill,80,6:40,\n,,,,just words');
    assert.deepEqual(readList(sheet, listColumns(sheet), { monthFirst: false }).faults, [
      { line: 3, why: 'nothing in it is a roast' },
    ]);
  });
});

it('eight lines are a log, seven are not; a first line with a time in it is no heading', () => {
  const text = (count: number) => Array.from({ length: count }, (_, i) => `0:${i}0,${90 + i * 9}`).join('\n');
  assert.deepEqual([logColumns(sheetOf(text(8))) !== undefined, logColumns(sheetOf(text(7)))], [true, undefined]);
  const unheaded = sheetOf(`0:30,charge\n${text(8)}`);
  assert.deepEqual(
    [unheaded.headings, unheaded.lines[0]],
    [
      ['', ''],
      ['0:30', 'charge'],
    ],
  );
});

it('any text at all is read without a crash', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 400, unit: fc.constantFrom(...'0123456789:.,;\t\n"-/ aF°') }), (text) => {
      const sheet = sheetOf(text);
      const columns = logColumns(sheet);
      if (columns)
        for (const { at, celsius } of readLog(sheet, columns).readings)
          assert.ok(Number.isFinite(at) && Number.isFinite(celsius));
      readList(sheet, listColumns(sheet), { monthFirst: true });
    }),
  );
});
