import { useLiveQuery } from 'dexie-react-hooks';
import type { Roast } from '@/core/roast';
import { brewedWords, type Flight, flightResult, scoreWords } from '@/core/taste';
import { database } from '@/store/current';
import { keyOfEnded } from '@/store/flights';
import { notify } from '@/store/notices';
import { jarsOf } from '@/store/shelf';
import { removeCup } from '@/store/tasting';
import { Button, LinkButton } from '@/ui/Button';
import { dayWords } from '@/ui/dates';
import { jarHref, jarStateWords } from '@/ui/jarWords';
import { partWords } from '@/ui/partWords';
import { useWords } from '@/ui/useHousehold';

/** What came of a roast: its jars, its cups, and the flights it was in. */
export function CupsOfRoast({ roast }: { readonly roast: Roast }) {
  const roastId = roast.id;
  const words = useWords();
  const data = useLiveQuery(async () => {
    const db = database();
    const [jars, cups, flights] = await Promise.all([
      jarsOf(db, roastId, Date.now()),
      db.cups.where('roastId').equals(roastId).toArray(),
      db.flights
        .filter((flight) => flight.endedAt !== undefined && flight.contenders.some((each) => each.roastId === roastId))
        .toArray(),
    ]);
    const answers = await Promise.all(flights.map(async (flight) => ({ flight, sentence: await answerOf(flight) })));
    return { jars, cups, answers };
  }, [roastId]);
  if (!data || data.jars.length + data.cups.length === 0) return null;
  return (
    <section className="border-ink mt-8 border-t-2 pt-3">
      <h2 className="mb-2 text-2xl">In the jar and in the cup</h2>
      <ul className="divide-line divide-y">
        {data.jars.map((jar) => (
          <li key={jar.pull.id} className="py-2">
            <a className="font-bold underline underline-offset-4" href={jarHref(jar)}>
              {(jar.weighed ? words.measured : words.weight)(jar.grams)}, {words.shade(jar.shade)}
            </a>{' '}
            <span className="text-husk">{jarStateWords(jar, Date.now())}</span>
          </li>
        ))}
        {data.jars.filter(({ leftGrams }) => leftGrams >= 1).length > 1 && (
          <li className="py-2">
            <LinkButton href={`/taste/flight/?roast=${encodeURIComponent(roastId)}`}>
              Which of them is best? Taste them blind
            </LinkButton>
          </li>
        )}
        {data.cups.map((cup) => (
          <li key={cup.id} className="py-2">
            <b>{cup.sheet.overall === undefined ? 'A cup' : scoreWords(cup.sheet.overall)}</b>{' '}
            <span className="text-husk">
              {[
                partWords(roast, cup.pullId, words.shade),
                dayWords(cup.tastedAt),
                cup.brew && brewedWords(cup.brew, words.measured),
                cup.taster,
                cup.words.join(', '),
                cup.note,
              ]
                .filter(Boolean)
                .join(' · ')}
            </span>{' '}
            <a
              className="decoration-line inline-flex min-h-11 items-center font-bold underline decoration-2 underline-offset-4"
              aria-label={`Change the cup of ${dayWords(cup.tastedAt)}`}
              href={`/taste/sheet/?cup=${encodeURIComponent(cup.id)}`}
            >
              Change
            </a>
            <Button
              variant="quiet"
              aria-label={`Delete the cup of ${dayWords(cup.tastedAt)}`}
              onClick={async () => notify({ text: 'The cup is deleted.', undo: await removeCup(database(), cup) })}
            >
              Delete
            </Button>
          </li>
        ))}
        {data.answers.map(({ flight, sentence }) => (
          <li key={flight.id} className="py-2">
            <a
              className="font-bold underline underline-offset-4"
              href={`/taste/flight/?id=${encodeURIComponent(flight.id)}`}
            >
              {flight.manner === 'open' ? 'Open flight' : 'Blind flight'}, {dayWords(flight.createdAt)}
            </a>{' '}
            {sentence}
          </li>
        ))}
      </ul>
    </section>
  );
}

async function answerOf(flight: Flight): Promise<string> {
  const key = await keyOfEnded(database(), flight.id);
  if (!key) return '';
  return flightResult(flight, key).verdict.sentence;
}
