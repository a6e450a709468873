import { useLiveQuery } from 'dexie-react-hooks';
import { lotHints, lotTitle } from '@/core/bean';
import { lossesByShade } from '@/core/record';
import { scoreWords } from '@/core/taste';
import { capital, counted } from '@/core/units';
import { database } from '@/store/current';
import { lotStock } from '@/store/larder';
import { shadeLikedOf } from '@/store/likedShades';
import { roastsOfLot } from '@/store/queries';
import { bestOfLot } from '@/store/tasting';
import { LinkButton } from '@/ui/Button';
import { Column } from '@/ui/Column';
import { Island } from '@/ui/Island';
import { NotHere } from '@/ui/NotHere';
import { partWords } from '@/ui/partWords';
import { RibbonRows } from '@/ui/rows/RibbonRows';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';

/** Of the newest so many roasts; the journal shows them all. */
const MOST_ROASTS = 30;
const SHOWN_ROASTS = 8;

/** Everything the household's record says of some beans. */
export function LotView() {
  return (
    <Island>
      <Beans />
    </Island>
  );
}

function Beans() {
  const words = useWords();
  const dates = useRoastDates();
  const id = new URLSearchParams(location.search).get('id') ?? '';
  const found = useLiveQuery(async () => {
    const db = database();
    const [stock, roasts, best, liked] = await Promise.all([
      lotStock(db, id),
      roastsOfLot(db, id, MOST_ROASTS),
      bestOfLot(db, id),
      shadeLikedOf(db, id),
    ]);
    return { stock, roasts, best, liked };
  }, [id]);
  if (!found) return <p className="text-husk py-10">Looking at the beans…</p>;
  const { stock, roasts, best, liked } = found;
  if (!stock)
    return (
      <NotHere what="lot" href="/larder/">
        To the larder
      </NotHere>
    );
  const { lot } = stock;
  const losses = lossesByShade(roasts.map(({ roast }) => roast));
  const [top] = best;
  const roastOf = (roastId: string) => roasts.find(({ roast }) => roast.id === roastId)?.roast;
  const dateOf = (roastId: string) => {
    const its = roastOf(roastId);
    return its ? dates.date(its.createdAt) : 'an earlier roast';
  };
  return (
    <article className="pt-6">
      <p>
        <a className="inline-flex min-h-11 items-center underline underline-offset-4" href="/larder/">
          All beans
        </a>
      </p>
      <h1 className="text-[clamp(1.7rem,4vw,2.5rem)]">
        {lotTitle(lot)}: {stock.roasts === 0 ? 'not roasted yet' : counted(stock.roasts, 'roast')}
        {lot.removedAt ? ', put away.' : `, ${words.weight(Math.max(0, stock.leftGrams))} of green left.`}
      </h1>
      <div className="mt-5 flex flex-wrap gap-4">
        {top && (
          <LinkButton href={`/roast/?again=${encodeURIComponent(top.roastId)}`} variant="next" size="large">
            Roast them as for the best cup
          </LinkButton>
        )}
        {top && (
          <LinkButton href={`/journal/roast/?id=${encodeURIComponent(top.roastId)}`} size="large">
            What was done for it
          </LinkButton>
        )}
      </div>
      <div className="mt-7 grid gap-x-10 gap-y-6 md:grid-cols-3">
        <Column title="In the cup">
          {liked && (
            <p className="mb-2">
              Liked best as <b>{words.shade(liked.shade)}</b>, by {counted(liked.tastings, 'tasting')}.
            </p>
          )}
          {best.length === 0 && <p className="text-husk">Its best cups stand here once one was scored.</p>}
          <ol>
            {best.map(({ roastId, pullId, overall, cups }) => (
              <li key={`${roastId} ${pullId}`} className="flex justify-between gap-4">
                <a className="underline underline-offset-4" href={`/journal/roast/?id=${encodeURIComponent(roastId)}`}>
                  {[dateOf(roastId), partWords(roastOf(roastId), pullId, words.shade)].filter(Boolean).join(', ')}
                </a>
                <span>
                  <b>{scoreWords(overall)}</b> <span className="text-husk">by {counted(cups, 'cup')}</span>
                </span>
              </li>
            ))}
          </ol>
        </Column>
        <Column title="Weight lost">
          {losses.length === 0 && <p className="text-husk">It stands here with the first roast that is weighed.</p>}
          <ul>
            {losses.map(({ shade, percent }) => (
              <li key={shade} className="flex justify-between gap-4">
                <span>{capital(words.shade(shade))}</span>
                <span>
                  <b>{percent.median.toFixed(1)} %</b>{' '}
                  <span className="text-husk">by {counted(percent.count, 'roast')}</span>
                </span>
              </li>
            ))}
          </ul>
        </Column>
        <Column title="What they ask of the roast">
          {lotHints(lot).length === 0 && <p className="text-husk">Nothing out of the common.</p>}
          <ul className="space-y-2">
            {lotHints(lot).map(({ advice, reason }) => (
              <li key={reason}>
                {advice} <span className="text-husk">{reason}</span>
              </li>
            ))}
          </ul>
        </Column>
      </div>
      {roasts.length > 0 && (
        <section className="border-ink mt-8 border-t-2 pt-3">
          <h2 className="mb-1 text-xl">Its roasts</h2>
          <RibbonRows rows={roasts.slice(0, SHOWN_ROASTS)} lineUp="charge" />
          {stock.roasts > SHOWN_ROASTS && (
            <a
              className="mt-2 inline-flex min-h-11 items-center font-bold underline underline-offset-4"
              href={`/journal/?lotId=${encodeURIComponent(id)}`}
            >
              All {stock.roasts} in the journal
            </a>
          )}
        </section>
      )}
    </article>
  );
}
