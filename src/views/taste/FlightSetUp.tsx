import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { writtenAs } from '@/core/household';
import {
  type FlightManner,
  type FlightQuestion,
  flightManners,
  flightQuestions,
  leastSheets,
  MOST_SHEETS,
  mannerNames,
  questionNames,
} from '@/core/taste';
import { database } from '@/store/current';
import { editExperiment } from '@/store/experiments';
import { lastTasters, startFlight } from '@/store/flights';
import { jarsOnShelf } from '@/store/shelf';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { jarTitle } from '@/ui/jarWords';
import { Segmented } from '@/ui/Segmented';
import { useHousehold, useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import { useWholeNumber } from '@/ui/useWholeNumber';
import { experimentPair } from './experimentPair';
import { type CupChosen, contenderOf, FROM_EXPERIMENT, filledCups, OTHER } from './flightCups';
import { mannerHints, powerWords } from './flightWords';

const MOST_CUPS = 6;
const MOST_ROUNDS = 20;

/** What is tasted against what, by whom, how often, and what that can be expected to show. */
export function FlightSetUp() {
  const words = useWords();
  const household = useHousehold();
  const dates = useRoastDates();
  const address = new URLSearchParams(location.search);
  const [asked, roastId] = [address.has('experiment'), address.get('roast')];
  const data = useLiveQuery(async () => {
    const db = database();
    const [shelf, pair, knownTasters] = await Promise.all([
      jarsOnShelf(db, Date.now()),
      experimentPair(db, writtenAs(household).shade),
      lastTasters(db),
    ]);
    // The parts of the roast that the address names come first, as long as any of them lasts.
    const parts = shelf.filter(({ named }) => named.roast.id === roastId);
    return {
      jars: [...parts, ...shelf.filter((jar) => !parts.includes(jar))],
      parts: parts.length,
      pair,
      knownTasters,
    };
  }, [household]);
  const [question, setQuestion] = useState<FlightQuestion>(asked ? 'preference' : roastId ? 'rank' : 'triangle');
  const [chosen, setCups] = useState<readonly CupChosen[]>();
  const [typedTasters, setTasters] = useState<string>();
  const [manner, setManner] = useState<FlightManner>('poured');
  const [wantedRounds, setRounds] = useState<number>();
  const [error, setError] = useState('');
  const manners = flightManners.filter((each) => each !== 'open' || question !== 'triangle');
  const how = manners.includes(manner) ? manner : 'poured';
  const cups = chosen ?? Array.from({ length: Math.max(2, data?.parts ?? 0) }, () => ({ pick: '', name: '' }));
  const count = question === 'rank' ? cups.length : 2;
  // Those of the last flight, until somebody writes who it is.
  const tasters = typedTasters ?? (data?.knownTasters ?? []).slice(0, how === 'alone' ? 1 : undefined).join(', ');
  const names = tasters
    .split(/[,;\n]/)
    .map((name) => name.trim())
    .filter((name) => name !== '');
  const rounds = wantedRounds ?? Math.ceil(leastSheets(question, count) / Math.max(1, names.length));
  const roundsEach = useWholeNumber({ value: rounds, least: 1, most: MOST_ROUNDS, onNumber: setRounds });
  if (!data) return <p className="text-husk py-10">Looking at the shelf…</p>;
  const { jars, pair } = data;
  const sheets = Math.max(1, names.length) * rounds;
  const shown = filledCups(cups.slice(0, count), jars, pair?.contenders);
  const begin = async () => {
    const contenders = shown.map(({ pick, name }) => {
      const of = (FROM_EXPERIMENT as readonly string[]).indexOf(pick);
      const jar = jars.find(({ pull }) => pull.id === pick);
      return pair?.contenders[of] ?? contenderOf(jar, name, jar && jarTitle(jar, words, dates.date));
    });
    if (contenders.some(({ name }) => name === '')) return setError('Give the other coffee a name.');
    const same = new Set(shown.map(({ pick, name }) => (pick === OTHER ? name.trim() : pick))).size < shown.length;
    if (same) return setError('A flight needs different cups. Choose another one, or other coffee with a name.');
    if (how === 'alone' && names.length > 1) return setError('Alone means one: leave one name, or let somebody pour.');
    if (names.length === 0) return setError('Who tastes? Write a name, or several with commas between them.');
    if (sheets > MOST_SHEETS) return setError(`${MOST_SHEETS} sheets are the most. Take fewer rounds.`);
    // Round by round, so that nobody tastes twice in a row where there are several.
    const order = Array.from({ length: rounds }, () => names).flat();
    const id = await startFlight(database(), { question, contenders, tasters: order, manner: how });
    if (pair) await editExperiment(database(), pair.experiment, { flightId: id });
    location.assign(`/taste/flight/?id=${encodeURIComponent(id)}${how === 'poured' ? '&pour' : ''}`);
  };
  const set = (index: number, some: Partial<(typeof cups)[number]>) =>
    setCups(cups.map((cup, i) => (i === index ? { ...cup, ...some } : cup)));
  return (
    <section className="max-w-3xl pt-7">
      <h1 className="mb-5 text-4xl">{pair ? `A flight: ${pair.experiment.question}` : 'A flight'}</h1>
      <Segmented
        label="Question"
        value={question}
        options={flightQuestions.map((value) => ({ value, name: questionNames[value] }))}
        onChange={setQuestion}
      />
      <div className="mt-4">
        <Segmented
          label="How it is tasted"
          value={how}
          options={manners.map((value) => ({ value, name: mannerNames[value] }))}
          onChange={setManner}
        />
        <p className="text-husk mt-2">{mannerHints[how]}</p>
      </div>
      <ol className="mt-5 space-y-3">
        {shown.map((cup, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: cups have no identity before they are chosen
          <li key={i} className="flex flex-wrap items-end gap-4">
            <select
              aria-label={`Cup ${i + 1}`}
              className="choice text-lg"
              value={cup.pick}
              onChange={(event) => set(i, { pick: event.target.value })}
            >
              {pair?.contenders.map(({ name }, index) => (
                <option key={FROM_EXPERIMENT[index]} value={FROM_EXPERIMENT[index]}>
                  {name}
                </option>
              ))}
              {jars.map((jar) => (
                <option key={jar.pull.id} value={jar.pull.id}>
                  {jarTitle(jar, words, dates.date)}
                </option>
              ))}
              <option value={OTHER}>other coffee</option>
            </select>
            {cup.pick === OTHER && (
              <TextField
                label={`Name of cup ${i + 1}`}
                value={cup.name}
                onChange={(event) => set(i, { name: event.target.value })}
              />
            )}
          </li>
        ))}
      </ol>
      {question === 'rank' && (
        <div className="mt-2 flex gap-3">
          {cups.length < MOST_CUPS && (
            <Button onClick={() => setCups([...cups, { pick: '', name: '' }])}>One more cup</Button>
          )}
          {cups.length > 2 && <Button onClick={() => setCups(cups.slice(0, -1))}>One cup less</Button>}
        </div>
      )}
      <div className="mt-5 grid max-w-xl gap-4 sm:grid-cols-[1fr_8rem]">
        <TextField
          label="Who tastes"
          placeholder="Ada, Bo"
          autoComplete="off"
          value={tasters}
          onChange={(event) => setTasters(event.target.value)}
        />
        <TextField label="Rounds each" {...roundsEach} />
      </div>
      <p className="text-husk mt-2">{powerWords(question, sheets, count)}</p>
      {error && (
        <p role="alert" className="text-danger mt-2">
          {error}
        </p>
      )}
      <Button variant="next" size="large" className="mt-4" onClick={() => void begin()}>
        {how === 'open' ? 'Set out the cups' : 'Draw the codes'}
      </Button>
    </section>
  );
}
