import { format, parseISO } from 'date-fns';
import type { DayPlan } from '@/core/plan';
import { formatSpan, localDay } from '@/core/units';
import { database } from '@/store/current';
import { editDay } from '@/store/days';
import { notify } from '@/store/notices';
import { Button, LinkButton } from '@/ui/Button';
import { useWords } from '@/ui/useHousehold';
import { DayTotals } from './DayTotals';
import { StartsAt } from './StartsAt';
import type { DayData } from './useDayPlan';

interface DayHeadProps {
  readonly date: string;
  readonly data: DayData;
  readonly plan: DayPlan;
}

/** The day in a sentence, the next batch to roast, and the better order where there is one. */
export function DayHead({ date, data, plan }: DayHeadProps) {
  const words = useWords();
  const { lines, endMs, lateS, better } = plan;
  const toCome = lines.filter(({ state }) => state === 'toCome');
  const heat = lines.find(({ state }) => state === 'onTheHeat');
  const next = toCome[0];
  const { isOn } = data;
  const name = (gearId: string | undefined) => data.gear.find(({ id }) => id === gearId)?.nickname ?? 'gear';
  const lot = (lotId: string | undefined) => data.lots.find((each) => each.lot.id === lotId)?.lot.name ?? 'beans';
  const takeBetter = async () => {
    const order = better?.order ?? [];
    const change = await editDay(database(), date, (day) => ({
      batches: [
        ...day.batches.filter(({ id }) => !order.includes(id)),
        ...order.flatMap((id) => day.batches.find((batch) => batch.id === id) ?? []),
      ],
    }));
    notify({ text: 'The batches are in the shortest order.', undo: change });
  };
  return (
    <header>
      <h1 className="max-w-4xl text-[clamp(1.7rem,4vw,2.5rem)]">
        {headline(date, lines.length, toCome.length, words.time(endMs))}
      </h1>
      <div className="mt-5 flex flex-wrap items-center gap-x-6 gap-y-3">
        {heat && (
          <LinkButton
            href={`/roast/live/?id=${encodeURIComponent(heat.row.roast?.id ?? '')}`}
            variant="next"
            size="large"
          >
            To the {name(heat.row.batch.gearId)}, on the heat
          </LinkButton>
        )}
        {!heat && next && isOn && (
          <LinkButton href={`/plan/?batch=${encodeURIComponent(next.row.batch.id)}`} variant="next" size="large">
            Next: {lot(next.row.batch.lotId)} in the {name(next.row.batch.gearId)}
          </LinkButton>
        )}
        {toCome.length > 0 && <StartsAt date={date} isOn={isOn} startsAt={data.day?.startsAt} />}
        {lateS >= 60 && <p className="font-bold">{formatSpan(lateS)} late; the times below follow.</p>}
      </div>
      {toCome.length === 0 && !heat && <DayTotals data={data} />}
      {better && (
        <p className="mt-4 flex flex-wrap items-center gap-x-4">
          Another order would be over {formatSpan(better.savesS)} sooner.
          <Button onClick={() => void takeBetter()}>Take the shortest order</Button>
        </p>
      )}
    </header>
  );
}

function headline(date: string, all: number, left: number, ends: string): string {
  const isToday = date === localDay(new Date());
  const day = isToday ? 'Today' : format(parseISO(date), 'EEEE d MMMM');
  if (all === 0) return `Nothing is planned for ${isToday ? 'today' : day} yet.`;
  if (left === 0)
    return `${day}: ${all === 1 ? 'the one batch is' : all === 2 ? 'both batches are' : `all ${all} batches are`} roasted.`;
  const batches = left === 1 ? 'one batch' : `${left} batches`;
  return `${day}: ${batches}${left < all ? ' to go' : ''}, over by ${ends}.`;
}
