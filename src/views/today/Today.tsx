import { useLiveQuery } from 'dexie-react-hooks';
import { lotTitle } from '@/core/bean';
import { finalShade, isUnderWay, roastedGrams } from '@/core/roast';
import { database } from '@/store/current';
import { lotsWithStock } from '@/store/larder';
import type { NamedRoast } from '@/store/queries';
import { LinkButton } from '@/ui/Button';
import { dayWords } from '@/ui/dates';
import { RibbonRows } from '@/ui/rows/RibbonRows';
import { useWords } from '@/ui/useHousehold';

const SHOWN_ROWS = 5;

/** What was roasted last, what is left open, what green there is. */
export function Today({ rows }: { readonly rows: readonly NamedRoast[] }) {
  const words = useWords();
  const stock = useLiveQuery(() => lotsWithStock(database()), []) ?? [];
  const done = rows.filter(({ roast }) => !isUnderWay(roast));
  const [last] = done;
  const unweighed = done.filter(({ roast }) => roastedGrams(roast) === undefined);
  const unlooked = done.filter(({ roast }) => roastedGrams(roast) !== undefined && finalShade(roast) === undefined);
  const low = stock.filter(({ leftGrams }) => leftGrams > 0).slice(0, 5);
  return (
    <div className="grid gap-x-14 gap-y-8 pt-8 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <section>
        <h1 className="max-w-3xl text-[clamp(1.8rem,4vw,2.5rem)]">{headline(last, words)}</h1>
        {last ? (
          <>
            <div className="mt-6">
              <RibbonRows rows={done.slice(0, SHOWN_ROWS)} lineUp="charge" />
            </div>
            <p className="mt-3">
              <a className="inline-flex min-h-11 items-center font-bold underline underline-offset-4" href="/journal/">
                All roasts
              </a>
            </p>
          </>
        ) : (
          <div className="mt-6">
            <LinkButton href="/roast/" variant="next" size="large">
              Set up the first roast
            </LinkButton>
          </div>
        )}
      </section>
      <aside className="space-y-8">
        {unweighed.length + unlooked.length > 0 && (
          <section className="border-ink border-t-2 pt-3">
            <h2 className="text-husk font-text mb-2 text-base font-normal">Left open</h2>
            <ul>
              {[
                ...unweighed.map((row) => ['Weigh in', row] as const),
                ...unlooked.map((row) => ['Look at', row] as const),
              ]
                .slice(0, 4)
                .map(([what, { roast, lotName, gearName }]) => (
                  <li key={roast.id}>
                    <a
                      className="hover:bg-sunk block min-h-11 py-2"
                      href={`/journal/roast/?id=${encodeURIComponent(roast.id)}`}
                    >
                      <b>{what}</b> {lotName}, {gearName}, {dayWords(roast.createdAt)}
                    </a>
                  </li>
                ))}
            </ul>
          </section>
        )}
        <section className="border-ink border-t-2 pt-3">
          <h2 className="text-husk font-text mb-2 text-base font-normal">Green in the larder</h2>
          {low.length === 0 ? (
            <p>
              Nothing to roast.{' '}
              <a className="font-bold underline underline-offset-4" href="/larder/">
                Add beans
              </a>
            </p>
          ) : (
            <ul className="space-y-1">
              {low.map(({ lot, leftGrams }) => (
                <li key={lot.id} className="flex justify-between gap-4">
                  <span>{lotTitle(lot)}</span>
                  <span className="num whitespace-nowrap">{words.weight(leftGrams)}</span>
                </li>
              ))}
            </ul>
          )}
        </section>
      </aside>
    </div>
  );
}

function headline(last: NamedRoast | undefined, words: ReturnType<typeof useWords>): string {
  if (!last) return 'Nothing roasted yet.';
  const shade = finalShade(last.roast);
  return `Last roasted ${dayWords(last.roast.createdAt)}: ${last.lotName}, ${shade ? words.shade(shade) : `for ${words.shade(last.roast.wantedShade)}`}, in the ${last.gearName}.`;
}
