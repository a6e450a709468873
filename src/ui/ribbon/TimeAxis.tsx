import { formatClock } from '@/core/units';
import { timeScale } from './timeScale';

interface TimeAxisProps {
  readonly width: number;
  readonly fromS: number;
  readonly toS: number;
  /** How a tick is written; a clock reading when absent. */
  readonly label?: (seconds: number) => string;
  /** Room that the longest of the labels needs, pixels. */
  readonly labelPx?: number;
}

/** So much room it takes, pixels. */
export const AXIS_ROOM = 22;

/** A label nearer to an edge than this begins or ends there, pixels. */
const EDGE = 20;
/** Of the clock's face at this size. */
const PX_PER_LETTER = 8.4;
/** Between a first label and the next, pixels. */
const GAP = 20;

const STEPS_S = [30, 60, 120, 180, 300, 600];

/** The times below or above a ribbon, at round minutes, as many as have room. */
export function TimeAxis({ width, fromS, toS, label = formatClock, labelPx = 72 }: TimeAxisProps) {
  if (width <= 0) return null;
  const x = timeScale(fromS, toS, width);
  const step = STEPS_S.find((each) => x(fromS + each) >= labelPx) ?? 1200;
  const first = Math.ceil(fromS / step) * step;
  const all = Array.from({ length: Math.max(0, Math.floor((toS - first) / step) + 1) }, (_, i) => first + i * step);
  // A first label begins where another would have its middle, and may reach into the next.
  const firstEnd = x(first) < EDGE ? x(first) + label(first).length * PX_PER_LETTER + GAP : 0;
  const ticks = all.filter((tick) => tick === first || x(tick) - (label(tick).length * PX_PER_LETTER) / 2 >= firstEnd);
  return (
    <svg aria-hidden="true" width={width} height={AXIS_ROOM} className="text-husk block overflow-visible">
      {ticks.map((tick) => (
        <text
          key={tick}
          x={x(tick)}
          y={15}
          textAnchor={x(tick) < EDGE ? 'start' : x(tick) > width - EDGE ? 'end' : 'middle'}
          fontSize={14}
          fill="currentColor"
          className="num"
        >
          {label(tick)}
        </text>
      ))}
    </svg>
  );
}
