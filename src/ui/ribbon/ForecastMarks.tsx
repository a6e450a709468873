import type { Forecast } from '@/core/forecast';
import { type Milestone, type Milestones, milestoneNames } from '@/core/roast';
import { formatClock } from '@/core/units';
import { timeScale } from './timeScale';

interface ForecastMarksProps {
  readonly width: number;
  readonly fromS: number;
  readonly toS: number;
  /** Milestones already reached: a tick and the time. */
  readonly reached?: Milestones;
  /** Milestones to come: a bar as wide as the uncertainty, a dot at the middle. */
  readonly forecasts: readonly Forecast[];
  /** The words stand on this colour. */
  readonly colour?: string;
}

interface Label {
  readonly key: string;
  readonly at: number;
  readonly text: string;
  readonly sure: boolean;
}

/** Height of the drawing, pixels. */
export const MARKS_HEIGHT = 34;
const PIXELS_PER_LETTER = 7.8;

/** The times above a ribbon: what was reached, what is expected and how surely. Labels that would overlap are left out. */
export function ForecastMarks({
  width,
  fromS,
  toS,
  reached = {},
  forecasts,
  colour = 'var(--ink)',
}: ForecastMarksProps) {
  if (width <= 0) return null;
  const line = timeScale(fromS, toS, width);
  const x = (seconds: number) => Math.min(Math.max(line(seconds), 0), width);
  const labels = placed(
    [
      ...(Object.entries(reached) as [Milestone, number][])
        .filter(([milestone]) => milestone !== 'cooled')
        .map(([milestone, at]) => ({
          key: milestone,
          at,
          text: `${milestoneNames[milestone]} ${formatClock(at)}`,
          sure: true,
        })),
      ...forecasts.map(({ milestone, medianS }) => ({
        key: milestone,
        at: medianS,
        text: `${milestoneNames[milestone]} ${formatClock(medianS)}`,
        sure: false,
      })),
    ],
    x,
    width,
  );
  return (
    <svg aria-hidden="true" width={width} height={MARKS_HEIGHT} className="block overflow-visible" fill={colour}>
      {forecasts.map(({ milestone, medianS, earlyS, lateS }, i) => (
        <g key={milestone}>
          <rect
            x={x(earlyS)}
            y={i === 0 ? 25 : 27}
            width={Math.max(x(lateS) - x(earlyS), 4)}
            height={i === 0 ? 8 : 4}
            rx={4}
            fill="var(--bill-pale)"
          />
          <circle cx={x(medianS)} cy={29} r={5.5} fill="var(--bill)" />
        </g>
      ))}
      {labels.map(({ label, left }) => (
        <g key={label.key}>
          <text x={left} y={17} fontSize={16} fontWeight={label.sure ? 700 : 500}>
            {label.text}
          </text>
          {label.sure && <rect x={x(label.at) - 1.5} y={23} width={3} height={11} />}
        </g>
      ))}
    </svg>
  );
}

/** What was reached has its place first; then expectations, the nearest first. */
function placed(labels: readonly Label[], x: (at: number) => number, width: number) {
  const taken: { left: number; right: number }[] = [];
  return [...labels]
    .sort((a, b) => Number(b.sure) - Number(a.sure) || (a.sure ? b.at - a.at : a.at - b.at))
    .flatMap((label) => {
      const wide = label.text.length * PIXELS_PER_LETTER;
      const left = Math.min(Math.max(x(label.at) - wide / 2, 0), Math.max(width - wide, 0));
      if (taken.some((other) => left < other.right + 10 && left + wide > other.left - 10)) return [];
      taken.push({ left, right: left + wide });
      return [{ label, left }];
    });
}
