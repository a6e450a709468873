import type { ScaleLinear } from 'd3-scale';
import type { Ribbon } from '@/core/roast';

interface CracksProps {
  readonly id: string;
  readonly ribbon: Ribbon;
  readonly x: ScaleLinear<number, number>;
  readonly bodyTop: number;
  readonly large: boolean;
}

/** The upper edge: first-crack pops as grains (hollow while they are lone), second-crack snaps as thin ticks. */
export function Cracks({ id, ribbon, x, bodyTop, large }: CracksProps) {
  const radius = large ? 5 : 1.9;
  const rolling = ribbon.milestones.firstCrack ?? Number.POSITIVE_INFINITY;
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
      {ribbon.cracks.first.map((at, i) => (
        <circle
          // biome-ignore lint/suspicious/noArrayIndexKey: cracks have no other identity, two may share a moment
          key={i}
          cx={x(at)}
          cy={bodyTop - radius - 1 - (i % 2) * (large ? 3 : 1.5)}
          r={radius}
          fill={at < rolling ? 'var(--chaff)' : 'currentColor'}
          stroke="currentColor"
          strokeWidth={large ? 2 : 0.9}
        />
      ))}
      {ribbon.cracks.second.map((at, i) => (
        <line
          // biome-ignore lint/suspicious/noArrayIndexKey: as above
          key={i}
          x1={x(at)}
          x2={x(at)}
          y1={bodyTop - 10 + (i % 3)}
          y2={bodyTop - 1}
          stroke="currentColor"
          strokeWidth={1.3}
        />
      ))}
    </g>
  );
}
