import { useLiveQuery } from 'dexie-react-hooks';
import {
  answered,
  type Flight,
  type FlightKey,
  flightResult,
  foundOdd,
  mannerNames,
  questionNames,
  scoreWords,
} from '@/core/taste';
import { database } from '@/store/current';
import { removeFlight } from '@/store/flights';
import { notify } from '@/store/notices';
import { Button, LinkButton } from '@/ui/Button';
import { dayWords } from '@/ui/dates';
import { NamesPutRight } from './NamesPutRight';

/** The answer, once all sheets are in or the flight was ended: the sentence first, then who picked what. */
export function FlightResultView({ flight, flightKey }: { readonly flight: Flight; readonly flightKey: FlightKey }) {
  const { verdict, means } = flightResult(flight, flightKey);
  const question = useLiveQuery(
    () =>
      database()
        .experiments.filter(({ flightId }) => flightId === flight.id)
        .first(),
    [flight.id],
  );
  const remove = async () => {
    notify({
      text: `The flight of ${dayWords(flight.createdAt)} is deleted.`,
      undo: await removeFlight(database(), flight),
    });
    location.assign('/taste/');
  };
  const name = (cup: number | undefined) => flight.contenders[cup ?? -1]?.name ?? '';
  const cups = flight.contenders
    .map((contender, cup) => ({ contender, cup, mean: means[cup] }))
    .sort((a, b) => (b.mean?.score ?? 0) - (a.mean?.score ?? 0) || (a.mean?.rank ?? 0) - (b.mean?.rank ?? 0));
  return (
    <section className="max-w-4xl pt-7">
      <p className="text-husk">
        {questionNames[flight.question]} {dayWords(flight.createdAt)}
        {flight.manner && `, ${mannerNames[flight.manner]}`}
        {flight.aborted && `, ended with ${answered(flight)} of ${flight.trials.length} sheets`}
      </p>
      <h1 className="mt-1 text-[clamp(1.8rem,4vw,2.6rem)]">{verdict.sentence}</h1>
      {flight.manner === 'open' && (
        <p className="text-husk mt-2">
          Everybody knew the names: what one knows, one tastes. Only a blind flight shows it.
        </p>
      )}
      <ul className="mt-4 space-y-1 text-lg">
        {cups.map(({ contender, cup, mean }) => (
          <li key={cup}>
            {contender.roastId ? (
              <a
                className="font-bold underline underline-offset-4"
                href={`/journal/roast/?id=${encodeURIComponent(contender.roastId)}`}
              >
                {contender.name}
              </a>
            ) : (
              <b>{contender.name}</b>
            )}
            {mean && ` · ${scoreWords(mean.score)}, mean rank ${mean.rank.toFixed(1)}`}
          </li>
        ))}
      </ul>
      <h2 className="border-ink mt-7 border-t-2 pt-3 text-xl">The key</h2>
      <ol className="divide-line divide-y">
        {flight.trials.map((trial, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: trials are told apart by their place
          <li key={i} className="py-2">
            <b>{trial.taster}</b>{' '}
            {trial.codes.map((code) => (
              <span key={code} className="mr-4 inline-block">
                <span className={`num ${trial.picked === code ? 'font-bold underline underline-offset-4' : ''}`}>
                  {code}
                </span>{' '}
                <span className="text-husk">
                  {name(flightKey.trials[i]?.[code])}
                  {trial.scores?.[code] !== undefined && `: ${scoreWords(trial.scores[code])}`}
                </span>
              </span>
            ))}
            {trial.answeredAt === undefined && <span className="text-husk">not tasted</span>}
            {foundWords(foundOdd(flight, flightKey, i))}
          </li>
        ))}
      </ol>
      <NamesPutRight flight={flight} />
      <div className="mt-6 flex flex-wrap gap-3">
        {question && !question.outcome && (
          <LinkButton href="/journal/experiments/" variant="next">
            Answer “{question.question}”
          </LinkButton>
        )}
        <LinkButton href="/taste/" variant={question && !question.outcome ? 'plain' : 'next'}>
          To tasting
        </LinkButton>
        <Button onClick={() => void remove()}>Delete</Button>
      </div>
    </section>
  );
}

/** What is said of a sheet on which an odd cup was to be found. */
function foundWords(found: boolean | undefined): string {
  if (found === undefined) return '';
  return found ? 'the odd one, found' : 'not the odd one';
}
