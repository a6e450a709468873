import { useState } from 'react';
import { answered, areThePoured, type Flight } from '@/core/taste';
import { database } from '@/store/current';
import { liftCups } from '@/store/flights';
import { Button } from '@/ui/Button';
import { cupMark } from './cupMarks';

interface LiftCupsProps {
  readonly flight: Flight;
  /** There while sheets are still out. */
  readonly onGoOn?: () => void;
}

/** The end of a flight tasted alone: what stood on which number is read off the cups. */
export function LiftCups({ flight, onGoOn }: LiftCupsProps) {
  const [lifted, setLifted] = useState<readonly Readonly<Record<string, number>>[]>(flight.trials.map(() => ({})));
  const [error, setError] = useState('');
  const set = (index: number, code: string, cup: number) =>
    setLifted(lifted.map((its, i) => (i === index ? { ...its, [code]: cup } : its)));
  const sheets = flight.trials.flatMap((trial, i) => (trial.answeredAt === undefined ? [] : [{ trial, i }]));
  const done = sheets.every(({ trial, i }) => trial.codes.every((code) => lifted[i]?.[code] !== undefined));
  const keep = async () => {
    const wrong = sheets.find(({ trial, i }) => !areThePoured(trial, lifted[i] ?? {}));
    if (wrong)
      return setError(
        `Set ${wrong.i + 1} held ${wrong.trial.pours?.map(cupMark).join(', ')}. Look under those cups again.`,
      );
    await liftCups(database(), flight, lifted);
  };
  return (
    <section className="max-w-3xl pt-7">
      <h1 className="text-[clamp(1.8rem,4vw,2.6rem)]">
        {onGoOn
          ? `${answered(flight)} of ${flight.trials.length} sheets are in. Look under the cups only to end it.`
          : 'Every sheet is in. Look under the cups.'}
      </h1>
      <ol className="divide-line mt-4 divide-y">
        {sheets.map(({ trial, i }) => (
          <li key={i} className="flex flex-wrap items-center gap-x-6 gap-y-2 py-3">
            <span className="text-husk w-16">Set {i + 1}</span>
            {trial.codes.map((code) => (
              <label key={code} className="flex items-center gap-2">
                <b className="num text-xl">{code}</b>
                <select
                  aria-label={`Under ${code}`}
                  className="choice"
                  value={lifted[i]?.[code] ?? ''}
                  onChange={(event) => set(i, code, Number(event.target.value))}
                >
                  <option value="" disabled>
                    ?
                  </option>
                  {flight.contenders.map(({ name }, cup) => (
                    <option key={cupMark(cup)} value={cup}>
                      {cupMark(cup)}: {name}
                    </option>
                  ))}
                </select>
              </label>
            ))}
          </li>
        ))}
      </ol>
      {error && (
        <p role="alert" className="text-danger mt-2">
          {error}
        </p>
      )}
      <div className="mt-5 flex flex-wrap gap-3">
        <Button
          variant="next"
          size="large"
          className="disabled:opacity-40"
          disabled={!done}
          onClick={() => void keep()}
        >
          See what came of it
        </Button>
        {onGoOn && <Button onClick={onGoOn}>Go on tasting</Button>}
      </div>
    </section>
  );
}
