import { format, getDaysInMonth, parseISO } from 'date-fns';
import type { JournalQuery } from '@/core/journal';

interface RoastDaysProps {
  readonly days: readonly { readonly day: string; readonly roasts: number }[] | undefined;
  readonly query: JournalQuery;
  readonly onAsk: (some: { readonly query: JournalQuery }) => void;
}

const MONTHS = 12;

/** The days on which there was roasting, a line for each month: bigger beans for more batches. A press shows that day. */
export function RoastDays({ days, query, onAsk }: RoastDaysProps) {
  if (!days) return <p className="text-husk py-3">Laying out the days…</p>;
  const months = [...new Set(days.map(({ day }) => day.slice(0, 7)))].slice(0, MONTHS);
  const batches = new Map(days.map(({ day, roasts }) => [day, roasts]));
  const pick = (day: string) =>
    onAsk({
      query:
        query.from === day && query.to === day
          ? { ...query, from: undefined, to: undefined }
          : { ...query, from: day, to: day },
    });
  return (
    <div className="overflow-x-auto">
      <table className="mt-1 border-collapse">
        <caption className="sr-only">Roast days by month</caption>
        <tbody>
          {months.map((month) => (
            <tr key={month} className="border-line border-b">
              <th scope="row" className="pr-4 text-left font-normal whitespace-nowrap">
                {format(parseISO(month), 'MMMM yyyy')}
              </th>
              {Array.from({ length: daysOf(month) }, (_, i) => {
                const day = `${month}-${String(i + 1).padStart(2, '0')}`;
                const count = batches.get(day);
                return (
                  <td key={day} className="h-11 w-8 text-center">
                    {count ? (
                      <button
                        type="button"
                        aria-pressed={query.from === day && query.to === day}
                        aria-label={`${i + 1} ${monthName(month)}: ${count === 1 ? '1 roast' : `${count} roasts`}`}
                        className="aria-pressed:bg-sunk relative inline-flex h-11 w-8 flex-col items-center justify-center rounded-lg"
                        onClick={() => pick(day)}
                      >
                        <span className="text-[0.85rem]">{i + 1}</span>
                        <span
                          className="bg-bill block rounded-full"
                          style={{ width: 6 + 4 * Math.min(count, 4), height: 5 + 2 * Math.min(count, 4) }}
                        />
                      </button>
                    ) : (
                      <span aria-hidden="true" className="text-line text-[0.85rem]">
                        ·
                      </span>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const daysOf = (month: string) => getDaysInMonth(parseISO(month));
const monthName = (month: string) => format(parseISO(month), 'MMMM');
