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

const STEPS_S = [30, 60, 120, 180, 300, 600];

/** The times below or above a ribbon, at round minutes, as many as have room. */
export function TimeAxis({ width, fromS, toS, label = formatClock, labelPx = 72 }: TimeAxisProps) {
  if (width <= 0) return null;
  const x = timeScale(fromS, toS, width);
  const step = STEPS_S.find((each) => x(fromS + each) >= labelPx) ?? 1200;
  const first = Math.ceil(fromS / step) * step;
  const ticks = Array.from({ length: Math.max(0, Math.floor((toS - first) / step) + 1) }, (_, i) => first + i * step);
  return (
    <svg aria-hidden="true" width={width} height={AXIS_ROOM} className="text-husk block overflow-visible">
      {ticks.map((tick) => (
        <text
          key={tick}
          x={x(tick)}
          y={15}
          textAnchor={x(tick) < 20 ? 'start' : x(tick) > width - 20 ? 'end' : 'middle'}
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
