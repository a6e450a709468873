import { scaleBand, scaleLinear } from 'd3-scale';
import { addDays, format } from 'date-fns';
import type { StockPlan } from '@/core/plan';
import { beanColour, shadeTone } from '@/core/shade';
import { useWords } from '@/ui/useHousehold';
import { useWidth } from '@/ui/useWidth';

const HEIGHT = 210;
const FOOT = 46;
const HEAD = 26;

/** Four weeks of stock: rested coffee solid, resting hatched, a missing day as an open frame, roasts marked above. */
export function StockChart({ plan }: { readonly plan: StockPlan }) {
  const { ref, width } = useWidth();
  const words = useWords();
  const most = Math.max(
    ...plan.days.map(({ readyGrams, restingGrams, shortGrams }) => readyGrams + restingGrams + shortGrams),
    1,
  );
  const x = scaleBand(
    plan.days.map(({ day }) => day),
    [0, Math.max(width, 1)],
  ).paddingInner(0.18);
  const y = scaleLinear([0, most], [0, HEIGHT]);
  const base = HEAD + HEIGHT;
  const label = `Stock over the next ${plan.days.length} days. Roasts are due ${
    plan.roastDays.length === 0 ? 'on none of them' : `in ${plan.roastDays.join(', ')} days`
  }. Most on the shelf: ${words.weight(most)}.`;
  return (
    <figure ref={ref} className="mt-6">
      <svg role="img" aria-label={label} width={width} height={base + FOOT} className="block overflow-visible">
        <defs>
          <pattern id="resting" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="3.4" height="7" fill={beanColour(shadeTone(4))} />
          </pattern>
        </defs>
        {plan.days.map(({ day, readyGrams, restingGrams, shortGrams, roastDue }) => {
          const left = x(day) ?? 0;
          const date = addDays(new Date(), day);
          const weekly = day % 7 === 0;
          return (
            <g key={day}>
              <rect
                x={left}
                y={base - y(readyGrams)}
                width={x.bandwidth()}
                height={y(readyGrams)}
                fill={beanColour(shadeTone(4))}
              />
              <rect
                x={left}
                y={base - y(readyGrams + restingGrams)}
                width={x.bandwidth()}
                height={y(restingGrams)}
                fill="url(#resting)"
              />
              {shortGrams > 1 && (
                <rect
                  x={left + 1}
                  y={base - y(shortGrams) - 1}
                  width={Math.max(x.bandwidth() - 2, 1)}
                  height={y(shortGrams)}
                  fill="none"
                  stroke="var(--danger)"
                  strokeWidth={2}
                  strokeDasharray="3 3"
                />
              )}
              {roastDue && (
                <g>
                  <circle cx={left + x.bandwidth() / 2} cy={HEAD - 12} r={6} fill="var(--bill)" />
                  <line
                    x1={left + x.bandwidth() / 2}
                    x2={left + x.bandwidth() / 2}
                    y1={HEAD - 6}
                    y2={base}
                    stroke="var(--bill)"
                    strokeDasharray="2 4"
                  />
                </g>
              )}
              {weekly && (
                <text x={left} y={base + 18} fontSize={14} fill="var(--husk)">
                  {day === 0 ? 'today' : format(date, 'd MMM')}
                </text>
              )}
            </g>
          );
        })}
        <line x1={0} x2={width} y1={base} y2={base} stroke="var(--ink)" strokeWidth={2} />
      </svg>
      <figcaption className="text-husk -mt-4 flex flex-wrap gap-x-6 text-[0.95rem]">
        <Key fill={beanColour(shadeTone(4))}>rested, at the end of the day</Key>
        <Key fill="url(#resting)">resting</Key>
        <span>
          <span className="text-bill">●</span> roast due
        </span>
        <span className="ml-auto">most: {words.weight(most)}</span>
      </figcaption>
    </figure>
  );
}

function Key({ fill, children }: { readonly fill: string; readonly children: React.ReactNode }) {
  return (
    <span className="flex items-center gap-2">
      <svg aria-hidden="true" width={20} height={13}>
        <rect width={20} height={13} fill={fill} />
      </svg>
      {children}
    </span>
  );
}
