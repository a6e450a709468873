import { useLiveQuery } from 'dexie-react-hooks';
import { answered, bestRoasts, questionNames, scoreWords } from '@/core/taste';
import { database } from '@/store/current';
import { getNamedRoast, type NamedRoast } from '@/store/queries';
import { scoredCups } from '@/store/scoredCups';
import { LinkButton } from '@/ui/Button';
import { dayWords } from '@/ui/dates';
import { dotted } from '@/ui/dotted';
import { Island } from '@/ui/Island';
import { partWords, shadeWords } from '@/ui/partWords';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';

const SHOWN = 12;

/** Tasting: the cups of late, the flights, and the roasts with the best cups. */
export function TasteView() {
  return (
    <Island>
      <Tasting />
    </Island>
  );
}

function Tasting() {
  const dates = useRoastDates();
  const words = useWords();
  const data = useLiveQuery(async () => {
    const db = database();
    const [cups, flights, scored] = await Promise.all([
      db.cups.orderBy('tastedAt').reverse().toArray(),
      db.flights.orderBy('createdAt').reverse().toArray(),
      scoredCups(db),
    ]);
    const best = bestRoasts(scored, 3);
    const ids = new Set([...cups.slice(0, SHOWN).map(({ roastId }) => roastId), ...best.map(({ roastId }) => roastId)]);
    const named = new Map<string, NamedRoast>();
    for (const id of ids) {
      const found = id && (await getNamedRoast(db, id));
      if (id && found) named.set(id, found);
    }
    return { cups, flights, best, named };
  }, []);
  if (!data) return <p className="text-husk py-10">Setting out the cups…</p>;
  const { cups, flights, best, named } = data;
  const open = flights.filter(({ endedAt }) => endedAt === undefined);
  return (
    <section className="pt-8">
      <h1 className="max-w-3xl text-4xl">{headline(cups.length, open.length)}</h1>
      <div className="mt-5 flex flex-wrap gap-3">
        {open[0] && (
          <LinkButton href={`/taste/flight/?id=${encodeURIComponent(open[0].id)}`} variant="next" size="large">
            Go on with the flight
          </LinkButton>
        )}
        <LinkButton href="/taste/sheet/" variant={open[0] ? 'plain' : 'next'} size="large">
          Taste one cup
        </LinkButton>
        <LinkButton href="/taste/flight/" size="large">
          Set up a flight
        </LinkButton>
      </div>
      <div className="mt-8 grid gap-x-12 gap-y-8 lg:grid-cols-2">
        {best.length > 0 && (
          <section className="border-ink border-t-2 pt-3">
            <h2 className="mb-2 text-xl">Your best cups, and how they were roasted</h2>
            <ol className="divide-line divide-y">
              {best.map(({ roastId, pullId, overall, cups: count }) => {
                const roast = named.get(roastId);
                return (
                  <li key={`${roastId} ${pullId}`} className="flex flex-wrap items-baseline gap-x-4 py-2">
                    <a
                      className="mr-auto font-bold underline-offset-4 hover:underline"
                      href={`/journal/roast/?id=${encodeURIComponent(roastId)}`}
                    >
                      {roast
                        ? [
                            roast.lotName,
                            roast.gearName,
                            dates.day(roast.roast.createdAt),
                            partWords(roast.roast, pullId, words.shade),
                          ]
                            .filter(Boolean)
                            .join(', ')
                        : 'a roast deleted since'}
                    </a>
                    <span>
                      {scoreWords(overall)}
                      {count > 1 && `, ${count} cups`}
                    </span>
                    <a className="underline underline-offset-4" href={`/roast/?again=${encodeURIComponent(roastId)}`}>
                      Roast it again
                    </a>
                  </li>
                );
              })}
            </ol>
          </section>
        )}
        {flights.length > 0 && (
          <section className="border-ink border-t-2 pt-3">
            <h2 className="mb-2 text-xl">Flights</h2>
            <ul className="divide-line divide-y">
              {flights.slice(0, SHOWN).map((flight) => (
                <li key={flight.id} className="py-2">
                  <a
                    className="font-bold underline-offset-4 hover:underline"
                    href={`/taste/flight/?id=${encodeURIComponent(flight.id)}`}
                  >
                    {flight.contenders.map(({ name }) => name).join(' against ')}
                  </a>{' '}
                  <span className="text-husk">
                    {questionNames[flight.question].toLowerCase()} {dayWords(flight.createdAt)},{' '}
                    {flight.endedAt
                      ? `${answered(flight)} sheets`
                      : `${answered(flight)} of ${flight.trials.length} sheets in`}
                  </span>
                </li>
              ))}
            </ul>
          </section>
        )}
        {cups.length > 0 && (
          <section className="border-ink border-t-2 pt-3">
            <h2 className="mb-2 text-xl">Cups of late</h2>
            <ul className="divide-line divide-y">
              {cups.slice(0, SHOWN).map((cup) => {
                const roast = cup.roastId ? named.get(cup.roastId) : undefined;
                const shade = roast ? shadeWords(roast.roast, words.shade, cup.pullId) : '';
                return (
                  <li key={cup.id} className="py-2">
                    <b>{roast?.lotName ?? cup.name ?? 'Other coffee'}</b>{' '}
                    {cup.sheet.overall !== undefined && <span>{scoreWords(cup.sheet.overall)}</span>}{' '}
                    <span className="text-husk">
                      {dotted([shade, dayWords(cup.tastedAt), cup.taster, cup.words.join(', '), cup.note])}
                    </span>{' '}
                    <a
                      className="inline-flex min-h-11 items-center underline underline-offset-4"
                      aria-label={`Change the cup of ${dayWords(cup.tastedAt)}`}
                      href={`/taste/sheet/?cup=${encodeURIComponent(cup.id)}`}
                    >
                      Change
                    </a>
                  </li>
                );
              })}
            </ul>
          </section>
        )}
      </div>
      {cups.length === 0 && flights.length === 0 && (
        <p className="text-husk mt-6 max-w-[65ch]">
          A cup takes under a minute. A blind flight tells whether a change really did something: codes for names, and
          the answer only when every sheet is in. It can be done alone, too.
        </p>
      )}
    </section>
  );
}

function headline(cups: number, open: number): string {
  if (open > 0) return 'A flight is waiting for its sheets.';
  return cups === 0 ? 'No cup is noted yet.' : `${cups === 1 ? 'One cup' : `${cups} cups`} noted.`;
}
