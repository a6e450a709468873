import type { LineFault } from '@/core/sheet';
import { counted } from '@/core/units';

const NAMED = 8;

/** The lines of a table that could not be read, each by its number in the file. */
export function Faults({ faults }: { readonly faults: readonly LineFault[] }) {
  if (faults.length === 0) return null;
  return (
    <div role="alert" className="text-danger">
      <p className="font-bold">{counted(faults.length, 'line')} cannot be read and will be left out:</p>
      <ul className="mt-1 list-disc pl-5">
        {faults.slice(0, NAMED).map(({ line, why }) => (
          <li key={`${line} ${why}`}>
            line {line}: {why}
          </li>
        ))}
        {faults.length > NAMED && <li>and {faults.length - NAMED} more</li>}
      </ul>
    </div>
  );
}

/** What a column is called: its heading, or what stands in it first. */
export function columnName(
  sheet: { readonly headings: readonly string[]; readonly lines: readonly (readonly string[])[] },
  i: number,
): string {
  const cell = sheet.lines.find((line) => line[i])?.[i] ?? '';
  const heading = sheet.headings[i];
  return heading
    ? `${heading}${cell ? `, like ${cell.slice(0, 18)}` : ''}`
    : `Column ${i + 1}, like ${cell.slice(0, 18)}`;
}
