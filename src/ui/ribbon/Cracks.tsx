import type { Ribbon } from '@/core/roast';
import type { TimeScale } from './timeScale';

interface CracksProps {
  readonly id: string;
  readonly ribbon: Ribbon;
  readonly x: TimeScale;
  readonly bodyTop: number;
  readonly large: boolean;
}

/** The upper edge: first-crack pops as grains (hollow while they are lone or doubtful), second-crack snaps as thin ticks (low where doubtful). */
export function Cracks({ id, ribbon, x, bodyTop, large }: CracksProps) {
  const radius = large ? 5 : 1.9;
  const rolling = ribbon.milestones.firstCrack ?? Number.POSITIVE_INFINITY;
  const placed = ribbon.cracks.first.map((at, i) => ({ at, y: bodyTop - radius - 1 - (i % 2) * (large ? 3 : 1.5) }));
  const doubtful = new Set(ribbon.cracks.doubtful);
  const isHollow = ({ at }: { readonly at: number }) => at < rolling || doubtful.has(at);
  const [hollow, solid] = [placed.filter(isHollow), placed.filter((grain) => !isHollow(grain))];
  const grains = (all: typeof placed) =>
    all
      .map(
        ({ at, y }) =>
          `M${tenth(x(at) - radius)} ${y}a${radius} ${radius} 0 1 0 ${2 * radius} 0a${radius} ${radius} 0 1 0 ${-2 * radius} 0`,
      )
      .join('');
  const ticks = ribbon.cracks.second
    .map((at, i) => `M${tenth(x(at))} ${bodyTop - (doubtful.has(at) ? 5 : 10 - (i % 3))}V${bodyTop - 1}`)
    .join('');
  return (
    <g>
      <defs>
        <pattern id={`${id}-hatch`} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="2.4" height="6" fill="currentColor" />
        </pattern>
      </defs>
      {ribbon.crackSpans.map((span) => (
        <rect
          key={span.crack}
          x={x(span.fromS)}
          y={bodyTop - (span.crack === 'first' ? 7 : 10)}
          width={Math.max(x(span.toS) - x(span.fromS), 2)}
          height={span.crack === 'first' ? 5 : 8}
          fill={span.crack === 'first' ? `url(#${id}-hatch)` : 'none'}
          stroke={span.crack === 'second' ? 'currentColor' : 'none'}
          strokeDasharray={span.crack === 'second' ? '1.5 3' : undefined}
        />
      ))}
      {/* One path for all grains of a kind: a journal draws thousands. */}
      <path d={grains(hollow)} fill="var(--chaff)" stroke="currentColor" strokeWidth={large ? 2 : 0.9} />
      <path d={grains(solid)} fill="currentColor" stroke="currentColor" strokeWidth={large ? 2 : 0.9} />
      <path d={ticks} stroke="currentColor" strokeWidth={1.3} />
    </g>
  );
}

const tenth = (pixels: number) => Math.round(pixels * 10) / 10;
