import type { NamedRoast } from '@/store/queries';
import { TimeAxis } from '../ribbon/TimeAxis';
import { useSteadyEach } from '../useSteady';
import { useWidth } from '../useWidth';
import { drawnRow } from './drawnRow';
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
  const drawn = useSteadyEach(rows.map(drawnRow));
  const { fromS, toS } = sharedSpan(
    drawn.map(({ ribbon }) => ribbon),
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
        {drawn.map((row) => (
          <li key={row.id} className="[contain-intrinsic-size:auto_76px] [content-visibility:auto]">
            <RibbonRow row={row} lineUp={lineUp} width={width} fromS={fromS} toS={toS} stretches={stretches} />
          </li>
        ))}
      </ol>
    </div>
  );
}
