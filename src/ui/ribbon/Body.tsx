import type { Ribbon, TonePoint } from '@/core/roast';
import { toneAt } from '@/core/roast';
import { beanColour } from '@/core/shade';
import type { TimeScale } from './timeScale';

interface BodyProps {
  readonly id: string;
  readonly ribbon: Ribbon;
  readonly x: TimeScale;
  readonly top: number;
  readonly height: number;
  readonly pale?: boolean;
}

/** One colour stop in so many pixels, besides those where the beans turn faster or slower, is as smooth as the eye sees. */
const PIXELS_PER_STOP = 40;

/** The ribbon's body: the colour the beans had at each moment, then, ahead of now, the pale expectation. */
export function Body({ id, ribbon, x, top, height, pale = false }: BodyProps) {
  const left = x(0);
  const right = x(ribbon.toS);
  const end = ribbon.ahead.at(-1)?.at ?? ribbon.toS;
  const aheadRight = x(end);
  const radius = Math.min(8, height / 4);
  return (
    <g opacity={pale ? 0.45 : 1}>
      {right > left + 2 && (
        <>
          <Gradient id={`${id}-body`} points={ribbon.body} x={x} left={left} right={right} />
          <rect x={left} y={top} width={right - left} height={height} rx={radius} fill={`url(#${id}-body)`} />
        </>
      )}
      {aheadRight > right + 1 && (
        <>
          <Gradient id={`${id}-ahead`} points={ribbon.ahead} x={x} left={right} right={aheadRight} fade />
          <rect x={right} y={top} width={aheadRight - right} height={height} fill={`url(#${id}-ahead)`} />
        </>
      )}
      {ribbon.tabs.map((tab) => (
        <rect
          key={tab.at}
          x={x(tab.at) - 5}
          y={top + height - 2}
          width={10}
          height={14}
          rx={2}
          fill={beanColour(tab.tone)}
        />
      ))}
    </g>
  );
}

interface GradientProps {
  readonly id: string;
  readonly points: readonly TonePoint[];
  readonly x: TimeScale;
  readonly left: number;
  readonly right: number;
  readonly fade?: boolean;
}

/** Sampled, since SVG blends in sRGB and the bean ramp runs in OKLCH. */
function Gradient({ id, points, x, left, right, fade = false }: GradientProps) {
  const stops = stopsBetween(
    points.map(({ at }) => (x(at) - left) / (right - left)),
    PIXELS_PER_STOP / (right - left),
  );
  return (
    <linearGradient id={id} gradientUnits="userSpaceOnUse" x1={left} x2={Math.max(right, left + 1)} y1={0} y2={0}>
      {stops.map((share) => (
        <stop
          key={share}
          offset={share}
          stopColor={beanColour(toneAt(points, x.secondsAt(left + share * (right - left))))}
          stopOpacity={fade ? 0.42 * Math.min(1, (1 - share) * 4) : 1}
        />
      ))}
    </linearGradient>
  );
}

/** Shares of the way: the ends, each of `turns` between them, and between those as many as keep them `most` apart. */
function stopsBetween(turns: readonly number[], most: number): number[] {
  const fixed = [0, ...turns.filter((share) => share > 0 && share < 1), 1];
  return fixed.flatMap((share, i) => {
    const before = fixed[i - 1] ?? share;
    const parts = Math.max(1, Math.ceil((share - before) / most));
    return i === 0
      ? [share]
      : Array.from({ length: parts }, (_, part) => before + ((part + 1) * (share - before)) / parts);
  });
}
