import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { bluetoothReading, lineCutter, serialReading } from '@/core/exchange';

describe('a thermometer on a serial port', () => {
  const lines: readonly [string, number][] = [
    ['143.2', 143.2],
    ['143,2', 143.2],
    ['  98 ', 98],
    ['-4.5', -4.5],
    ['143.2 C', 143.2],
    ['212F', 100],
    ['212.0 °F', 100],
    ['T1=143.2C', 143.2],
    ['temp: 143.2 °C', 143.2],
    ['T1: 143.2, T2: 25.1', 143.2],
    ['143.2,25.1,0.0', 143.2],
    ['143.2 25.1', 143.2],
    ['{"celsius": 143.2}', 143.2],
    ['{"fahrenheit": 212}', 100],
  ];
  for (const [line, celsius] of lines)
    it(line.trim(), () => assert.ok(Math.abs((serialReading(line, 'C') ?? Number.NaN) - celsius) < 0.01));

  it('in the unit that the probe shows, where the line says none', () => assert.equal(serialReading('212', 'F'), 100));

  it('says nothing for a line without a temperature', () => {
    for (const line of ['', 'ready', 'Thermometer v2 ok', 'T1=', '{"celsius": "hot"}', '{', 'NaN', 'open'])
      assert.equal(serialReading(line, 'C'), undefined, line);
  });

  it('reads anything without a crash', () => {
    fc.assert(
      fc.property(fc.string(), (line) =>
        [undefined, 'number'].includes(serialReading(line, 'C') === undefined ? undefined : 'number'),
      ),
    );
  });

  it('comes in pieces, and is cut into lines all the same', () => {
    fc.assert(
      fc.property(
        fc.array(fc.stringMatching(/^[0-9.]{1,6}$/), { minLength: 1 }),
        fc.integer({ min: 1, max: 9 }),
        (all, size) => {
          const heard: string[] = [];
          const push = lineCutter((line) => heard.push(line));
          const text = `${all.join('\r\n')}\r\n`;
          for (let i = 0; i < text.length; i += size) push(text.slice(i, i + size));
          assert.deepEqual(heard, all);
        },
      ),
    );
  });
});

describe('the Bluetooth thermometer service', () => {
  const told = (flags: number, mantissa: number, exponent: number) => {
    const view = new DataView(new ArrayBuffer(5));
    view.setUint8(0, flags);
    for (let i = 0; i < 3; i++) view.setUint8(1 + i, (mantissa >> (8 * i)) & 0xff);
    view.setInt8(4, exponent);
    return view;
  };
  it('tells °C and °F, tenths and hundredths, and below nothing', () => {
    assert.ok(Math.abs((bluetoothReading(told(0, 1432, -1)) ?? 0) - 143.2) < 1e-9);
    assert.ok(Math.abs((bluetoothReading(told(1, 21_200, -2)) ?? 0) - 100) < 1e-9);
    assert.ok(Math.abs((bluetoothReading(told(0, -45, -1)) ?? 0) + 4.5) < 1e-9);
  });
  it('says when it has none', () => {
    assert.equal(bluetoothReading(told(0, 0x7fffff, 0)), undefined);
    assert.equal(bluetoothReading(new DataView(new ArrayBuffer(3))), undefined);
  });
});
