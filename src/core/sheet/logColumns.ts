import { readableNumber } from './cells.ts';
import { eventIn, secondsIn } from './logCells.ts';
import type { Sheet } from './sheet.ts';

/** Which columns of a temperature log mean what, by their place. */
export interface LogColumns {
  readonly time: number;
  readonly temperature: number;
  /** What happened, in words; undefined where no column says it. */
  readonly event: number | undefined;
  readonly unit: 'C' | 'F';
}

const share = (cells: readonly string[], is: (cell: string) => boolean) => {
  const filled = cells.filter((cell) => cell !== '');
  return filled.length === 0 ? 0 : filled.filter(is).length / cells.length;
};

/** What a heading says of its column. */
const SAYS = {
  time: /time|clock|sec|elapsed|min/i,
  bean: /bean/i,
  heat: /probe|temp|°|celsius|fahrenheit|\bdeg/i,
} as const;

/** Whether a table is the log of one roast: time that goes on from line to line, and temperatures. Gives what its columns are. */
export function logColumns({ headings, lines }: Sheet): LogColumns | undefined {
  if (lines.length < 8) return undefined;
  const columns = headings.map((heading, i) => ({ heading, i, cells: lines.map((line) => line[i] ?? '') }));
  const times = columns.filter(({ heading, cells }) => {
    // Temperatures rise too.
    if (SAYS.heat.test(heading) && !SAYS.time.test(heading)) return false;
    const seconds = cells.flatMap((cell) => secondsIn(cell, heading) ?? []);
    const rising = seconds.filter((s, i) => i > 0 && s >= (seconds[i - 1] ?? 0)).length;
    return (
      seconds.length > lines.length * 0.7 && rising >= (seconds.length - 1) * 0.94 && seconds.at(-1) !== seconds[0]
    );
  });
  const time =
    times.find(({ heading }) => SAYS.time.test(heading)) ??
    times.find(({ cells }) => share(cells, (cell) => readableNumber(cell) === undefined) > 0.7) ??
    times[0];
  if (!time) return undefined;
  const temperatures = columns.filter(({ i, cells }) => {
    if (i === time.i || share(cells, (cell) => readableNumber(cell) !== undefined) < 0.3) return false;
    const values = cells.flatMap((cell) => readableNumber(cell) ?? []);
    return Math.max(...values) > 60 && Math.max(...values) < 700 && Math.min(...values) > -60;
  });
  const named = (word: RegExp) => temperatures.find(({ heading }) => word.test(heading));
  const temperature = named(SAYS.bean) ?? named(SAYS.heat) ?? temperatures[0];
  if (!temperature) return undefined;
  const event = columns.find(
    ({ i, heading, cells }) =>
      i !== time.i &&
      i !== temperature.i &&
      (/event|note|mark|what/i.test(heading) || cells.some((cell) => eventIn(cell) !== undefined)),
  );
  return { time: time.i, temperature: temperature.i, event: event?.i, unit: unitOf(temperature) };
}

/** Hotter than any beans by the Celsius scale, so it must be the other. */
const TOO_HOT_C = 285;

function unitOf({ heading, cells }: { readonly heading: string; readonly cells: readonly string[] }): 'C' | 'F' {
  const written = `${heading} ${cells.find((cell) => cell !== '') ?? ''}`;
  if (/fahrenheit|°\s*f\b|[([]\s*f\s*[)\]]|_f\b|\d\s*f\b/i.test(written)) return 'F';
  if (/celsius|°\s*c\b|[([]\s*c\s*[)\]]|_c\b|\d\s*c\b/i.test(written)) return 'C';
  return Math.max(...cells.flatMap((cell) => readableNumber(cell) ?? [])) > TOO_HOT_C ? 'F' : 'C';
}
