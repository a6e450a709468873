import { ribbonOf } from '@/core/roast';
import type { NamedRoast } from '@/store/queries';
import { TimeAxis } from '../ribbon/TimeAxis';
import { useWidth } from '../useWidth';
import { axisLabel, type LineUp, sharedSpan } from './lineUp';
import { RibbonRow } from './RibbonRow';

interface RibbonRowsProps {
  readonly rows: readonly NamedRoast[];
  readonly lineUp: LineUp;
  /** The three stretches in words below each ribbon. */
  readonly stretches?: boolean;
}

/** Roasts as ribbon rows on one time scale. */
export function RibbonRows({ rows, lineUp, stretches = false }: RibbonRowsProps) {
  const { ref, width } = useWidth();
  const drawn = rows.map((row) => ({ row, ribbon: ribbonOf(row.roast) }));
  const { fromS, toS } = sharedSpan(
    drawn.map((each) => each.ribbon),
    lineUp,
  );
  return (
    <div>
      <div className="row-grid">
        <span className="hidden md:block" />
        <div ref={ref} className="min-w-0">
          <TimeAxis
            width={width}
            fromS={fromS}
            toS={toS}
            label={(seconds) => axisLabel(seconds, lineUp)}
            labelPx={96}
          />
        </div>
      </div>
      <ol className="divide-line divide-y">
        {drawn.map(({ row, ribbon }) => (
          <li key={row.roast.id} className="[contain-intrinsic-size:auto_76px] [content-visibility:auto]">
            <RibbonRow
              {...row}
              ribbon={ribbon}
              lineUp={lineUp}
              width={width}
              fromS={fromS}
              toS={toS}
              stretches={stretches}
            />
          </li>
        ))}
      </ol>
    </div>
  );
}
