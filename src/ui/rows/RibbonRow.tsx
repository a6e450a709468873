import { lazy, memo, Suspense } from 'react';
import { type Milestones, shownLengthS, stretchesOf, stretchNames } from '@/core/roast';
import { formatClock } from '@/core/units';
import { dotted } from '../dotted';
import { partShadeWords } from '../partWords';
import { Ribbon } from '../ribbon/Ribbon';
import { Stars } from '../Stars';
import { useHousehold, useWords } from '../useHousehold';
import { useRoastDates } from '../useRoastDates';
import type { DrawnRow } from './drawnRow';
import { type LineUp, lineUpAt } from './lineUp';

const PhotoSquare = lazy(() => import('../look/PhotoSquare').then((module) => ({ default: module.PhotoSquare })));

interface RibbonRowProps {
  readonly row: DrawnRow;
  readonly lineUp: LineUp;
  readonly width: number;
  readonly fromS: number;
  readonly toS: number;
  /** The three stretches in words below the ribbon. */
  readonly stretches: boolean;
  /** For lists whose rows can be ticked. */
  readonly ticked?: boolean;
  readonly onTick?: (roastId: string) => void;
}

/** One roast in a list: date and gear, its ribbon, its figures. The whole row leads to its page. Drawn anew only when it changes. */
export const RibbonRow = memo(function RibbonRow({
  row,
  lineUp,
  width,
  fromS,
  toS,
  stretches,
  ticked,
  onTick,
}: RibbonRowProps) {
  const words = useWords();
  const { photosInJournal } = useHousehold();
  const { lotName, ribbon, shades, note, stars } = row;
  const { pull } = ribbon.milestones;
  const zero = lineUpAt(ribbon, lineUp) ?? -fromS;
  const date = useRoastDates().date(row.createdAt);
  return (
    <div className={onTick ? 'relative pl-11 md:pl-12' : undefined}>
      {onTick && (
        <label className="absolute top-1/2 left-0 flex size-11 -translate-y-1/2 items-center justify-center">
          <input
            type="checkbox"
            aria-label={`Tick ${lotName}, ${date}`}
            className="accent-ink size-5"
            checked={ticked ?? false}
            onChange={() => onTick(row.id)}
          />
        </label>
      )}
      <a href={`/journal/roast/?id=${encodeURIComponent(row.id)}`} className="row-grid hover:bg-sunk items-center py-2">
        <span className="min-w-0">
          {photosInJournal && (
            <Suspense fallback={null}>
              <PhotoSquare roastId={row.id} />
            </Suspense>
          )}
          <b>{date}</b> · {lotName}
          <span className="text-husk block truncate text-[0.95rem]">
            {row.gearName} · {partShadeWords(shades, words.shade)}
            {note && ` · ${note}`}
          </span>
        </span>
        <span className="relative min-w-0">
          <span
            aria-hidden="true"
            className="border-husk absolute inset-y-[-9px] border-l border-dotted"
            style={{ left: (width * -fromS) / (toS - fromS) }}
          />
          <Ribbon ribbon={ribbon} width={width} bodyHeight={26} fromS={fromS + zero} toS={toS + zero} />
          {stretches && (
            <span className="text-husk block text-[0.85rem] md:truncate">{stretchWords(ribbon.milestones)}</span>
          )}
        </span>
        <span className="text-right max-md:flex max-md:flex-wrap max-md:items-baseline max-md:gap-x-4">
          <span className="num block whitespace-nowrap md:flex md:justify-between">
            {/* Each figure keeps its column, also where the other is missing. */}
            <span className="max-md:mr-3">
              {pull === undefined ? (row.underWay ? 'not pulled' : 'not timed') : formatClock(pull)}
            </span>
            <span>{row.lossPercent !== undefined && `−${row.lossPercent.toFixed(1)} %`}</span>
          </span>
          <Stars stars={stars} />
        </span>
      </a>
    </div>
  );
});

function stretchWords(reached: Milestones): string {
  return dotted(
    stretchesOf(reached).map(
      ({ name, fromS, toS, share }) =>
        `${stretchNames[name]} ${formatClock(shownLengthS({ fromS, toS }))}${share === undefined ? '' : ` (${Math.round(share * 100)} %)`}`,
    ),
  );
}
