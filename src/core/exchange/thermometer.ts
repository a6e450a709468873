import { toCelsius } from '../units/index.ts';
import { parseProbeLine } from './probeLine.ts';

/** What a thermometer said, °C; undefined for a line that says no temperature. */
export type Heard = number | undefined;

/**
 * A line of a thermometer on a serial port: a number alone (`143.2`, `143,2`), with a name or a unit (`T1=143.2C`, `temp: 289 °F`),
 * several separated by commas or blanks, of which the first counts, or a line of the probe protocol. A number without a unit is
 * in `unit`. Never throws.
 */
export function serialReading(line: string, unit: 'C' | 'F'): Heard {
  const text = line.trim();
  if (text.startsWith('{')) {
    const parsed = parseProbeLine(text);
    return parsed.ok && Number.isFinite(parsed.value.celsius) ? parsed.value.celsius : undefined;
  }
  // The digit of a name (“T1”) is no reading.
  const found = /(?:^|[^\w.,-])(-?\d{1,4}(?:[.,]\d{1,3})?)\s*°?\s*([CF])?(?![\w])/i.exec(
    ` ${text.replace(/[a-z]+\d*\s*[:=]/gi, ' ')}`,
  );
  if (!found) return undefined;
  const value = Number((found[1] ?? '').replace(',', '.'));
  const said = found[2]?.toUpperCase() as 'C' | 'F' | undefined;
  return Number.isFinite(value) ? toCelsius(value, said ?? unit) : undefined;
}

/** Its service and the value it tells, as the Bluetooth assigned numbers name them. */
export const THERMOMETER_SERVICE = 0x1809;
/** Its characteristic, which brings the readings. */
export const THERMOMETER_VALUE = 0x2a1c;

const IS_FAHRENHEIT = 1;
/** Mantissas that stand for “no number”, “not at this resolution” and the infinities (IEEE 11073-20601). */
const NO_NUMBER: ReadonlySet<number> = new Set([0x7fffff, 0x800000, 0x7ffffe, 0x800002, 0x800001]);

/**
 * A temperature as the Bluetooth thermometer service tells it: a byte of flags, then a 32-bit float of IEEE 11073-20601, little
 * endian: 24 bits of mantissa, 8 of a power of ten. Undefined where it says that it has none, or is too short.
 */
export function bluetoothReading(view: DataView): Heard {
  if (view.byteLength < 5) return undefined;
  const mantissa = view.getUint8(1) | (view.getUint8(2) << 8) | (view.getUint8(3) << 16);
  if (NO_NUMBER.has(mantissa)) return undefined;
  const signed = mantissa & 0x800000 ? mantissa - 0x1000000 : mantissa;
  const value = signed * 10 ** view.getInt8(4);
  return toCelsius(value, view.getUint8(0) & IS_FAHRENHEIT ? 'F' : 'C');
}

/** Cuts a stream of text into lines, however it arrives. A line longer than any thermometer says is let go. */
export function lineCutter(onLine: (line: string) => void): (piece: string) => void {
  let rest = '';
  return (piece) => {
    const lines = (rest + piece).split(/\r\n|\n|\r/);
    rest = (lines.pop() ?? '').slice(-MOST_LETTERS);
    for (const line of lines) if (line.trim() !== '') onLine(line);
  };
}
const MOST_LETTERS = 200;
