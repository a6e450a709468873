import { sum } from 'd3-array';
import { format } from 'date-fns';
import { mugsIn } from '@/core/household';
import { type BatchAhead, givenAhead } from '@/core/plan';
import { localDay } from '@/core/units';
import { database } from '@/store/current';
import { addBatches } from '@/store/days';
import { proposedShade } from '@/store/likedShades';
import { notify } from '@/store/notices';
import type { AheadData } from '@/store/stockPlan';
import { Button } from '@/ui/Button';
import { beansWords } from '@/ui/beansWords';
import type { AheadModel } from '@/ui/useAhead';
import { useWords } from '@/ui/useHousehold';

/** The days to roast on with what each gives, and whether the green lasts. */
export function RoastDaysAhead({ ahead, data }: { readonly ahead: AheadModel; readonly data: AheadData }) {
  const words = useWords();
  const { roasts, date, roastGrams, greenGrams, household, usual, beans, nameOf } = ahead;
  const left = sum(data.lots, ({ leftGrams }) => Math.max(0, leftGrams));
  const gives = (i: number) =>
    (roasts[i]?.planned?.grams ?? 0) +
    givenAhead(beans[i] ?? [], roasts[i]?.batches ?? 0, { greenGrams, roastedGrams: roastGrams });
  const put = async (day: number, batches: readonly BatchAhead[]) => {
    const { gear, shade } = usual;
    if (!gear) return;
    const all = await Promise.all(
      batches.map(async ({ lotId, greenGrams }) => ({
        lotId,
        gearId: gear.id,
        greenGrams: Math.round(greenGrams * 10) / 10,
        shade: await proposedShade(database(), lotId, shade),
      })),
    );
    try {
      const change = await addBatches(database(), localDay(date(day)), all);
      notify({
        text: `Planned for ${format(date(day), 'EEEE d MMMM')}. ${beansWords(batches, batches.length, nameOf)}`,
        undo: change,
      });
    } catch (error) {
      // The day is full; anything else is a fault.
      if (!(error instanceof RangeError)) throw error;
      notify({ text: error.message });
    }
  };
  return (
    <>
      <h2 className="border-ink mt-8 border-t-2 pt-3 text-xl">Roast days until then</h2>
      {roasts.length === 0 ? (
        <p className="mt-2">None is due in the next four weeks.</p>
      ) : (
        <>
          <ul className="divide-line mt-1 max-w-3xl divide-y">
            {roasts.map(({ day, batches, listed }, i) => (
              <li key={day} className="flex flex-wrap items-center gap-x-5 gap-y-1 py-2">
                <a
                  className="flex min-h-11 items-center font-bold underline underline-offset-4 sm:w-[15rem]"
                  href={`/plan/day/?date=${localDay(date(day))}`}
                >
                  {format(date(day), 'EEEE d MMMM')}
                </a>
                <span className="mr-auto min-w-[14rem] flex-1">
                  {count(listed.length, batches)}, {words.weight(gives(i))}: {mugsIn(gives(i), household)} mugs
                  {listed.length > 0 && (
                    <span className="text-husk block">Planned: {beansWords(listed, listed.length, nameOf)}</span>
                  )}
                  {batches > 0 && (
                    <span className="text-husk block">
                      {listed.length > 0 && 'Besides: '}
                      {beansWords(beans[i] ?? [], batches, nameOf)}
                    </span>
                  )}
                </span>
                {(beans[i]?.length ?? 0) > 0 && usual.gear && (
                  <Button
                    onClick={() => void put(day, beans[i] ?? [])}
                    aria-label={`${planWords(listed)} for ${format(date(day), 'd MMMM')}`}
                  >
                    {planWords(listed)}
                  </Button>
                )}
              </li>
            ))}
          </ul>
          <p className="mt-3 max-w-[75ch]">{greenWords(ahead, left, words.weight)}</p>
        </>
      )}
    </>
  );
}

const planWords = (listed: readonly unknown[]) => (listed.length > 0 ? 'Plan the rest' : 'Plan it');

function count(listed: number, more: number): string {
  const batches = (all: number) => (all === 1 ? 'One batch' : `${all} batches`);
  if (listed === 0) return batches(more);
  return `${batches(listed)} planned${more > 0 ? ` and ${more === 1 ? 'one' : more} more` : ''}`;
}

/** What it takes of the larder, and before which day more must be there. */
function greenWords({ date, green }: AheadModel, left: number, weight: (grams: number) => string): string {
  const { needGrams, short } = green;
  const takes = `It takes ${weight(needGrams)} of green; you have ${weight(left)}`;
  // What is left over of several beans makes no batch together, so that more is missing than the difference.
  const scattered = short && short.grams > needGrams - left + 1 ? ', part of it too little for a batch' : '';
  return short
    ? `${takes}${scattered}: buy ${weight(short.grams)} more, to be there by ${format(date(short.day), 'EEEE d MMMM')}.`
    : `${takes}, which is enough.`;
}
