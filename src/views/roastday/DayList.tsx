import { ArrowDown, ArrowUp, GripVertical } from 'lucide-react';
import { useState } from 'react';
import { lotTitle } from '@/core/bean';
import type { DayLine, DayPlan } from '@/core/plan';
import { formatSpan } from '@/core/units';
import { database } from '@/store/current';
import { editDay } from '@/store/days';
import { notify } from '@/store/notices';
import { Button } from '@/ui/Button';
import { Tick } from '@/ui/Tick';
import { useWords } from '@/ui/useHousehold';
import { batchNumber, DayStrip } from './DayStrip';
import type { DayData } from './useDayPlan';

interface DayListProps {
  readonly date: string;
  readonly data: DayData;
  readonly plan: DayPlan;
  readonly nowMs: number;
}

const iconButton = 'grid size-11 place-items-center rounded-lg border-2 border-ink disabled:opacity-30';

/** The batches in order, by drag or by arrow; times follow. Done ones stay where they were. */
export function DayList({ date, data, plan, nowMs }: DayListProps) {
  const words = useWords();
  const [dragged, setDragged] = useState<string>();
  const { lines } = plan;
  const toCome = lines.filter(({ state }) => state === 'toCome');
  const move = (id: string, to: number) =>
    void editDay(database(), date, (day) => {
      const open = toCome.map(({ row }) => row.batch.id as string);
      const order = open.filter((each) => each !== id);
      order.splice(Math.max(0, Math.min(to, order.length)), 0, id);
      const rest = day.batches.filter((batch) => !open.includes(batch.id));
      return { batches: [...rest, ...order.flatMap((each) => day.batches.find((batch) => batch.id === each) ?? [])] };
    });
  // The tick is read at once: by the time the day is written the box shows what was stored again.
  const startHot = (id: string, hot: boolean) =>
    void editDay(database(), date, (day) => ({
      batches: day.batches.map((each) => (each.id === id ? { ...each, hotStart: hot || undefined } : each)),
    }));
  const remove = async ({ row }: DayLine) => {
    const change = await editDay(database(), date, (day) => ({
      batches: day.batches.filter(({ id }) => id !== row.batch.id),
    }));
    notify({ text: 'The batch is off the day’s list.', undo: change });
  };
  if (lines.length === 0)
    return (
      <p className="text-husk mt-4 max-w-[70ch]">
        Put batches on the list below. Gander finds the order in which gear cools while other gear roasts, one roast at
        a time.
      </p>
    );
  return (
    <>
      <DayStrip data={data} plan={plan} nowMs={nowMs} />
      <ol className="border-ink divide-line mt-6 divide-y border-t-2">
        {lines.map((line) => {
          const index = toCome.indexOf(line);
          const { batch } = line.row;
          return (
            <li
              key={batch.id}
              draggable={line.state === 'toCome'}
              onDragStart={() => setDragged(batch.id)}
              onDragOver={(event) => dragged && index >= 0 && event.preventDefault()}
              onDrop={() => {
                if (dragged && index >= 0) move(dragged, index);
                setDragged(undefined);
              }}
              className="grid items-center gap-x-5 gap-y-1 py-3 sm:grid-cols-[auto_10.5rem_1fr_auto]"
            >
              <GripVertical
                aria-hidden="true"
                className={
                  line.state === 'toCome' ? 'text-husk hidden cursor-grab sm:block' : 'invisible hidden sm:block'
                }
              />
              <p className="num whitespace-nowrap">
                <span className="text-husk mr-2">{batchNumber(plan, batch.id)}</span>
                <b>{words.time(line.startMs)}</b>
                <span className="text-husk"> to {words.time(line.pullMs)}</span>
              </p>
              <BatchWords line={line} data={data} />
              {line.state === 'toCome' && (
                <div className="flex items-center gap-2">
                  <button
                    type="button"
                    className={iconButton}
                    disabled={index === 0}
                    aria-label={`Earlier: ${batchName(line, data, plan)}`}
                    onClick={() => move(batch.id, index - 1)}
                  >
                    <ArrowUp size={20} />
                  </button>
                  <button
                    type="button"
                    className={iconButton}
                    disabled={index === toCome.length - 1}
                    aria-label={`Later: ${batchName(line, data, plan)}`}
                    onClick={() => move(batch.id, index + 1)}
                  >
                    <ArrowDown size={20} />
                  </button>
                  <Tick
                    checked={batch.hotStart === true}
                    aria-label={`Start hot: ${batchName(line, data, plan)}`}
                    onChange={(event) => startHot(batch.id, event.target.checked)}
                  >
                    start hot
                  </Tick>
                  <Button
                    variant="quiet"
                    aria-label={`Take off: ${batchName(line, data, plan)}`}
                    onClick={() => void remove(line)}
                  >
                    Take off
                  </Button>
                </div>
              )}
            </li>
          );
        })}
      </ol>
    </>
  );
}

function batchName({ row }: DayLine, data: DayData, plan: DayPlan): string {
  const gear = data.gear.find(({ id }) => id === row.batch.gearId)?.nickname ?? 'gear deleted since';
  const stock = data.lots.find((each) => each.lot.id === row.batch.lotId);
  return `batch ${batchNumber(plan, row.batch.id)}, ${stock ? stock.lot.name : 'beans put away'}, ${gear}`;
}

function BatchWords({ line, data }: { readonly line: DayLine; readonly data: DayData }) {
  const words = useWords();
  const { batch, roast } = line.row;
  const stock = data.lots.find((each) => each.lot.id === batch.lotId);
  const name = (gearId: string) => data.gear.find(({ id }) => id === gearId)?.nickname ?? 'gear';
  const { reason } = line;
  return (
    <p>
      <b>{stock ? lotTitle(stock.lot) : 'Beans put away'}</b>{' '}
      <span className="text-husk">
        {words.weight(batch.greenGrams)} in the {name(batch.gearId)}, to {words.shade(batch.shade)}
      </span>
      {line.state === 'onTheHeat' && <b className="text-bill"> on the heat</b>}
      {line.state === 'done' && roast && (
        <a className="ml-2 underline underline-offset-4" href={`/journal/roast/?id=${encodeURIComponent(roast.id)}`}>
          done
        </a>
      )}
      {reason && (
        <span className="block text-[0.95rem]">
          {reason.kind === 'coolsMeanwhile'
            ? `The ${name(reason.gearId)} cools while the ${name(reason.whileGearId)} roasts.`
            : `${formatSpan(reason.waitS)} of waiting: the ${name(reason.gearId)} cools.`}
        </span>
      )}
      {batch.hotStart && (
        <span className="text-husk block text-[0.95rem]">Into hot gear on purpose: it runs about a tenth faster.</span>
      )}
    </p>
  );
}
