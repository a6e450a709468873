import { useState } from 'react';
import type { Flight, FlightKey } from '@/core/taste';
import { database } from '@/store/current';
import { answerTrial } from '@/store/flights';
import { notify } from '@/store/notices';
import { Button } from '@/ui/Button';
import { ScoreLine } from './ScoreLine';

const asks = {
  triangle: 'Two are alike. Which is the odd one?',
  preference: 'Which do you like better?',
  rank: 'How good is each?',
} as const;

interface TrialSheetProps {
  readonly flight: Flight;
  readonly index: number;
  /** Where everybody knows which is which, the names stand there. */
  readonly openKey: FlightKey | undefined;
}

/** One taster's sheet: codes only, unless it is tasted openly. The phone goes from hand to hand. */
export function TrialSheet({ flight, index, openKey }: TrialSheetProps) {
  const trial = flight.trials[index];
  const alone = flight.manner === 'alone';
  const [ready, setReady] = useState(false);
  const [picked, setPicked] = useState<string>();
  const [scores, setScores] = useState<Readonly<Record<string, number>>>({});
  if (!trial) return null;
  const nameOf = (code: string) => flight.contenders[openKey?.trials[index]?.[code] ?? -1]?.name ?? code;
  const complete =
    flight.question === 'rank' ? trial.codes.every((code) => scores[code] !== undefined) : picked !== undefined;
  const keep = async () => {
    const answer = flight.question === 'rank' ? { scores: { ...scores } } : { picked };
    const kept = await answerTrial(database(), flight.id, index, answer);
    if (!kept) notify({ text: 'This sheet was filled in in another tab already; that answer is kept.' });
  };
  if (!ready)
    return (
      <>
        <h1 className="mt-1 text-4xl">
          Sheet {index + 1}: {trial.taster}
        </h1>
        <p className="mt-3 text-lg">
          {alone ? `Set ${index + 1} before you` : `Hand the phone to ${trial.taster}`}. The cups:{' '}
          {trial.codes.map(nameOf).join(', ')}.
        </p>
        <Button variant="next" size="large" className="mt-5" onClick={() => setReady(true)}>
          I am {trial.taster}
        </Button>
      </>
    );
  return (
    <>
      <h1 className="mt-1 text-4xl">{asks[flight.question]}</h1>
      {flight.question === 'rank' ? (
        <div className="mt-5">
          {trial.codes.map((code) => (
            <ScoreLine
              key={code}
              name={nameOf(code)}
              large
              value={scores[code]}
              onValue={(score) =>
                setScores(
                  Object.fromEntries(
                    Object.entries({ ...scores, [code]: score }).filter(([, value]) => value !== undefined),
                  ) as Record<string, number>,
                )
              }
            />
          ))}
        </div>
      ) : (
        <div className="mt-5 flex flex-wrap gap-4">
          {trial.codes.map((code) => (
            <button
              key={code}
              type="button"
              aria-pressed={picked === code}
              className={`border-ink aria-pressed:bg-ink aria-pressed:text-chaff min-h-24 min-w-28 flex-1 rounded-2xl border-2 px-3 font-bold ${openKey ? 'text-xl' : 'num text-3xl'}`}
              onClick={() => setPicked(code)}
            >
              {nameOf(code)}
            </button>
          ))}
        </div>
      )}
      <Button
        variant="next"
        size="large"
        className="mt-6 disabled:opacity-40"
        disabled={!complete}
        onClick={() => void keep()}
      >
        Keep my sheet
      </Button>
    </>
  );
}
