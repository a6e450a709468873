import { scaleLinear } from 'd3-scale';
import { format, parseISO } from 'date-fns';
import type { MoneySoFar } from '@/core/cost';
import { useWords } from '@/ui/useHousehold';
import { useWidth } from '@/ui/useWidth';

const HEIGHT = 190;
const TOP = 26;
const BOTTOM = 28;
const SIDE = 44;
/** A sum of money and a month need so much beside each other, pixels. */
const LABEL = 60;

/** What is saved at the end of each month, as bars from nothing up or down, and the gear's price as the line to reach. */
export function SavedLine({ so, goalMinor: goal }: { readonly so: MoneySoFar; readonly goalMinor: number }) {
  const words = useWords();
  const { ref, width } = useWidth();
  const values = so.byMonth.map(({ savedMinor }) => savedMinor);
  const y = scaleLinear([Math.min(0, ...values), Math.max(0, goal, ...values)], [HEIGHT - BOTTOM, TOP]);
  const count = so.byMonth.length;
  const step = Math.max(0, width - 2 * SIDE) / count;
  const every = Math.max(1, Math.ceil(LABEL / Math.max(step, 1)));
  const monthName = (month: string) => format(parseISO(month), count > 12 ? 'MMM yy' : 'MMM');
  return (
    <figure ref={ref} className="mt-8 max-w-3xl">
      <figcaption className="text-xl font-bold">Saved, month by month</figcaption>
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={so.byMonth
          .map(({ month, savedMinor }) => `${monthName(month)} ${words.money(savedMinor)}`)
          .join(', ')}
      >
        {so.byMonth.map(({ month, savedMinor }, i) => {
          const x = SIDE + i * step + step * 0.2;
          const top = Math.min(y(0), y(savedMinor));
          return (
            <g key={month}>
              <rect
                x={x}
                y={top}
                width={step * 0.6}
                height={Math.max(1, Math.abs(y(savedMinor) - y(0)))}
                fill={savedMinor < 0 ? 'var(--husk)' : 'var(--slate)'}
              />
              {/* Counted from the last, which is how things stand. */}
              {(count - 1 - i) % every === 0 && (
                <>
                  <text x={x + step * 0.3} y={top - 6} textAnchor="middle" fontSize="14" fill="var(--ink)">
                    {words.money(savedMinor)}
                  </text>
                  <text x={x + step * 0.3} y={HEIGHT - 8} textAnchor="middle" fontSize="14" fill="var(--husk)">
                    {monthName(month)}
                  </text>
                </>
              )}
            </g>
          );
        })}
        <line x1={0} x2={width} y1={y(0)} y2={y(0)} stroke="var(--ink)" strokeWidth={2} />
        {goal > 0 && (
          <>
            <line
              x1={0}
              x2={width}
              y1={y(goal)}
              y2={y(goal)}
              stroke="var(--bill)"
              strokeWidth={2}
              strokeDasharray="3 5"
            />
            <text x={0} y={y(goal) - 6} fontSize="14" fill="var(--ink)">
              gear paid back
            </text>
          </>
        )}
      </svg>
    </figure>
  );
}
