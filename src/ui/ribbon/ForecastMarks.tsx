import type { NamedForecast } from '@/core/heat';
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
  readonly forecasts: readonly NamedForecast[];
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
/** Between two labels, and how far from its tick one may stand, pixels. */
const APART = 10;
const ASIDE = 24;

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
  const marks = (Object.entries(reached) as [Milestone, number][]).filter(([milestone]) => milestone !== 'cooled');
  const labels = placed(
    [
      ...marks.map(([milestone, at]) => ({
        key: milestone,
        at,
        text: `${milestoneNames[milestone]} ${formatClock(at)}`,
        sure: true,
      })),
      ...forecasts.map(({ milestone, medianS, name }, i) => ({
        key: `${milestone}-${i}`,
        at: medianS,
        text: `${name ?? milestoneNames[milestone]} ${formatClock(medianS)}`,
        sure: false,
      })),
    ],
    x,
    width,
  );
  return (
    <svg aria-hidden="true" width={width} height={MARKS_HEIGHT} className="block overflow-visible" fill={colour}>
      {forecasts.map(({ milestone, medianS, earlyS, lateS }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a staged pull has several pulls to come
        <g key={`${milestone}${i}`}>
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
      {marks.map(([milestone, at]) => (
        <rect key={milestone} x={x(at) - 1.5} y={23} width={3} height={11} />
      ))}
      {labels.map(({ label, left }) => (
        <text key={label.key} x={left} y={17} fontSize={16} fontWeight={label.sure ? 700 : 500}>
          {label.text}
        </text>
      ))}
    </svg>
  );
}

interface Place {
  readonly left: number;
  readonly right: number;
}

/** What comes next has its place first; then what was reached, the latest first; then what is expected, the nearest first: the pull gives way before first crack, first crack before the rest. */
function placed(labels: readonly Label[], x: (at: number) => number, width: number) {
  const taken: Place[] = [];
  const next = labels.filter(({ sure }) => !sure).sort((a, b) => a.at - b.at)[0];
  return [...labels]
    .sort(
      (a, b) =>
        Number(b === next) - Number(a === next) ||
        Number(b.sure) - Number(a.sure) ||
        (a.sure ? b.at - a.at : a.at - b.at),
    )
    .flatMap((label) => {
      const place = placeFor(label.text, x(label.at), width, taken);
      if (!place) return [];
      taken.push(place);
      return [{ label, ...place }];
    });
}

/** Over its tick, else beside the label that is in the way, as long as it can still be told where it belongs. */
function placeFor(text: string, tick: number, width: number, taken: readonly Place[]): Place | undefined {
  const wide = text.length * PIXELS_PER_LETTER;
  const over = Math.min(Math.max(tick - wide / 2, 0), Math.max(width - wide, 0));
  const beside = taken.flatMap(({ left, right }) => [left - APART - wide, right + APART]);
  const left = [over, ...beside].find(
    (each) =>
      each >= 0 &&
      (each === over || each + wide <= width) &&
      tick >= each - ASIDE &&
      tick <= each + wide + ASIDE &&
      taken.every((other) => each >= other.right + APART || each + wide <= other.left - APART),
  );
  return left === undefined ? undefined : { left, right: left + wide };
}
