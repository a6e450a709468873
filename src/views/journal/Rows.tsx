import { measureElement, useWindowVirtualizer } from '@tanstack/react-virtual';
import { memo, useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { TimeSpan } from '@/core/journal';
import type { NamedRoast } from '@/store/queries';
import { TimeAxis } from '@/ui/ribbon/TimeAxis';
import { axisLabel, type LineUp, sharedSpan } from '@/ui/rows/lineUp';
import { RibbonRow } from '@/ui/rows/RibbonRow';
import { useWidth } from '@/ui/useWidth';
import { useRows } from './useRows';

interface RowsProps {
  readonly ids: readonly string[];
  readonly lineUp: LineUp;
  readonly ticked: ReadonlySet<string>;
  readonly onTick: (id: string) => void;
  readonly first: readonly NamedRoast[];
  /** The time scale of the whole journal, once it is known. */
  readonly whole: TimeSpan | undefined;
}

/** A row's height, px: beside its figures, and above them on a phone. Where one is higher, it is measured and the rest moves. */
const ROW_PX = { wide: 90, phone: 180 };
/** From here on a row's figures stand beside its ribbon (`row-grid`), px. */
const WIDE_PX = 768;
/** Rows beyond the edges that are drawn too, so that none comes up empty while one scrolls. */
const OVERSCAN = 5;

/** The journal's rows, of which only those near the screen are drawn, however many there are. A letter typed above leaves them alone. */
export const Rows = memo(function Rows({ ids, lineUp, ticked, onTick, first, whole }: RowsProps) {
  const { ref, width } = useWidth();
  const list = useRef<HTMLOListElement>(null);
  const rowPx = innerWidth >= WIDE_PX ? ROW_PX.wide : ROW_PX.phone;
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(list.current?.offsetTop ?? 0), []);
  // What stands above the list grows and shrinks; the list must know where it begins.
  useEffect(() => {
    const measure = () => setTop(list.current?.offsetTop ?? 0);
    const observer = new ResizeObserver(measure);
    observer.observe(document.body);
    return () => observer.disconnect();
  }, []);
  const virtual = useWindowVirtualizer({
    count: ids.length,
    estimateSize: () => rowPx,
    overscan: useSettled(ids) ? OVERSCAN : 0,
    // Asked at once, the height of a new row would lay the page out in the middle of drawing it; its observer tells soon enough.
    measureElement: (element, entry, list) =>
      entry
        ? measureElement(element, entry, list)
        : (list.itemSizeCache.get(ids[list.indexFromElement(element)] as string) ?? rowPx),
    // Rows may come a frame late; a frame that waits for them is felt.
    useFlushSync: false,
    // Known before the first layout, so that the first picture has rows.
    initialRect: { width: innerWidth, height: innerHeight },
    scrollMargin: top,
    getItemKey: (index) => ids[index] as string,
  });
  const items = virtual.getVirtualItems();
  const rows = useRows(ids, items[0]?.index ?? 0, items.at(-1)?.index ?? -1, first);
  const span = useGrowingSpan(rows, lineUp, whole);
  const focusRow = (index: number) => {
    const next = Math.min(ids.length - 1, Math.max(0, index));
    const focus = () => {
      const link = list.current?.querySelector<HTMLElement>(`[data-row="${next}"] a`);
      link?.focus({ preventScroll: true });
      return link !== null && link !== undefined;
    };
    virtual.scrollToIndex(next);
    // At once where the row is drawn, so that the next key means it.
    if (!focus()) requestAnimationFrame(focus);
  };
  const onKeyDown = (event: React.KeyboardEvent) => {
    const row = (event.target as HTMLElement).closest<HTMLElement>('[data-row]');
    if (!row) return;
    const index = Number(row.dataset.row);
    const id = ids[index];
    if (event.key === 'ArrowDown' || event.key === 'j') focusRow(index + 1);
    else if (event.key === 'ArrowUp' || event.key === 'k') focusRow(index - 1);
    else if (event.key === 'x' && id) onTick(id);
    else return;
    event.preventDefault();
  };
  return (
    <div>
      {/* As far in as the rows, whose ticks stand before them. */}
      <div className="row-grid pl-11 md:pl-12">
        <span className="text-husk hidden text-[0.85rem] md:block">↑ ↓ move · x ticks · / searches</span>
        <div ref={ref} className="min-w-0">
          <TimeAxis width={width} {...span} label={(seconds) => axisLabel(seconds, lineUp)} labelPx={96} />
        </div>
      </div>
      <ol ref={list} className="relative" style={{ height: virtual.getTotalSize() }} onKeyDown={onKeyDown}>
        {items.map(({ index, start, key }) => {
          const row = rows.get(ids[index] as string);
          return (
            <li
              key={key}
              ref={virtual.measureElement}
              data-index={index}
              data-row={index}
              aria-setsize={ids.length}
              aria-posinset={index + 1}
              className="border-line absolute inset-x-0 top-0 border-b [contain:content]"
              style={{ transform: `translateY(${start - top}px)`, minHeight: rowPx }}
            >
              {row ? (
                <RibbonRow
                  row={row}
                  lineUp={lineUp}
                  width={width}
                  {...span}
                  stretches
                  ticked={ticked.has(row.id)}
                  onTick={onTick}
                />
              ) : null}
            </li>
          );
        })}
      </ol>
    </div>
  );
});

/** An answer brings what is on screen; the rows beyond the edges wait until the typing rests. */
const RESTS_MS = 150;

/** True once the rows have been the same for a moment. */
function useSettled(ids: readonly string[]): boolean {
  const [settled, setSettled] = useState<readonly string[]>();
  useEffect(() => {
    const timer = setTimeout(() => setSettled(ids), RESTS_MS);
    return () => clearTimeout(timer);
  }, [ids]);
  return settled === ids;
}

/** The time scale that holds every row; it grows and never shrinks, so that nothing jumps on the way back. */
function useGrowingSpan(rows: ReturnType<typeof useRows>, lineUp: LineUp, whole: TimeSpan | undefined): TimeSpan {
  const [grown, setGrown] = useState({ lineUp, fromS: 0, toS: 60 });
  const { fromS, toS } = grown.lineUp === lineUp ? grown : { fromS: 0, toS: 60 };
  const seen = sharedSpan(
    [...rows.values()].map(({ ribbon }) => ribbon),
    lineUp,
  );
  const span = { fromS: Math.min(fromS, seen.fromS, whole?.fromS ?? 0), toS: Math.max(toS, seen.toS, whole?.toS ?? 0) };
  if (grown.lineUp !== lineUp || span.fromS < fromS || span.toS > toS) setGrown({ lineUp, ...span });
  return span;
}
