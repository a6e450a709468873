import { scaleLinear, scaleSqrt } from 'd3-scale';
import { beanColour, shadeTone } from '@/core/shade';
import { DAY_MS } from '@/core/units';
import type { JarNow } from '@/store/shelf';
import { jarHref, jarName, jarStateWords } from './jarWords';
import { useWords } from './useHousehold';
import { useRoastDates } from './useRoastDates';
import { useWidth } from './useWidth';

const BEFORE_DAYS = 14;
const AFTER_DAYS = 22;
const AXIS = 30;
const LABEL = 26;
/** On a phone the name and how the jar stands have a line each. */
const TWO_LINES = 52;
const NARROW = 640;
/** Narrower than this the days stand smaller, so that none runs into the next. */
const SMALL = 340;
const GAP = 14;
/** A label is moved left until it has so much room, pixels. */
const LEAST_LABEL = 340;

/** Jars on a small timeline: hatched while resting, solid at their best, fading after; as thick as what is left. */
export function JarBars({ jars, nowMs }: { readonly jars: readonly JarNow[]; readonly nowMs: number }) {
  const { ref, width } = useWidth();
  const words = useWords();
  const dates = useRoastDates();
  const from = nowMs - BEFORE_DAYS * DAY_MS;
  const x = scaleLinear([from, nowMs + AFTER_DAYS * DAY_MS], [0, Math.max(width, 1)]).clamp(true);
  const thick = scaleSqrt([0, Math.max(...jars.map(({ leftGrams }) => leftGrams), 100)], [8, 36]);
  const narrow = width < NARROW;
  const label = narrow ? TWO_LINES : LABEL;
  let top = AXIS;
  const rows = jars.map((jar) => {
    const height = thick(jar.leftGrams);
    const topY = top;
    top += label + height + GAP;
    return { jar, topY, height };
  });
  const marks = [
    [-7, 'a week ago'],
    [0, 'today'],
    [7, 'in a week'],
    [14, 'two weeks'],
  ] as const;
  return (
    <div ref={ref} className="relative" style={{ height: top }}>
      <svg aria-hidden="true" width={width} height={top} className="absolute inset-0">
        <defs>
          <pattern id="jar-rest" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="3" height="8" fill="var(--chaff)" />
          </pattern>
          {rows.map(({ jar }) => (
            <linearGradient key={jar.pull.id} id={`fade-${jar.pull.id}`}>
              <stop offset="0" stopColor={beanColour(shadeTone(jar.shade))} />
              <stop offset="1" stopColor={beanColour(shadeTone(jar.shade))} stopOpacity={0.08} />
            </linearGradient>
          ))}
        </defs>
        {marks.map(([day, text]) => (
          <g key={day}>
            <text
              x={x(nowMs + day * DAY_MS)}
              y={16}
              fontSize={width < SMALL ? 12 : 14}
              textAnchor="middle"
              fontWeight={day === 0 ? 700 : 400}
              fill={day === 0 ? 'var(--ink)' : 'var(--husk)'}
            >
              {text}
            </text>
            <line
              x1={x(nowMs + day * DAY_MS)}
              x2={x(nowMs + day * DAY_MS)}
              y1={24}
              y2={top - GAP}
              stroke={day === 0 ? 'var(--ink)' : 'var(--husk)'}
              strokeWidth={day === 0 ? 3 : 1}
              strokeDasharray={day === 0 ? undefined : '1 6'}
            />
          </g>
        ))}
        {rows.map(({ jar, topY, height }) => {
          const colour = beanColour(shadeTone(jar.shade));
          const y = topY + label;
          const [made, ready, best, fades] = [Date.parse(jar.madeAt), jar.readyMs, jar.bestMs, jar.fadesMs].map(x) as [
            number,
            number,
            number,
            number,
          ];
          return (
            <g key={jar.pull.id}>
              <rect x={made} y={y} width={Math.max(0, ready - made)} height={height} fill={colour} />
              <rect x={made} y={y} width={Math.max(0, ready - made)} height={height} fill="url(#jar-rest)" />
              <rect x={ready} y={y} width={Math.max(0, best - ready)} height={height} fill={colour} />
              <rect
                x={best}
                y={y}
                width={Math.max(0, fades - best)}
                height={height}
                fill={`url(#fade-${jar.pull.id})`}
              />
            </g>
          );
        })}
      </svg>
      <ul>
        {rows.map(({ jar, topY, height }) => {
          const left = narrow ? 0 : Math.min(x(Date.parse(jar.madeAt)), Math.max(0, width - LEAST_LABEL));
          return (
            <li key={jar.pull.id} className="absolute inset-x-0" style={{ top: topY, height: height + label }}>
              <a
                href={jarHref(jar)}
                className="bg-chaff relative inline-block truncate pr-2 text-[0.95rem] leading-6"
                style={{ marginLeft: left, maxWidth: Math.max(0, width - left) }}
              >
                <b>{jarName(jar, jars, dates.date, words.shade)}</b>{' '}
                <span className={narrow ? 'text-husk block' : 'text-husk'}>
                  {jar.counted ? '' : 'about '}
                  {words.weight(jar.leftGrams)} · {jarStateWords(jar, nowMs)}
                </span>
              </a>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
