import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { answered, MOST_SHEETS, mannerNames, questionNames } from '@/core/taste';
import { counted } from '@/core/units';
import { database } from '@/store/current';
import { abortFlight, addRound, drawAnew, keyOfEnded, takeSheetBack } from '@/store/flights';
import { notify } from '@/store/notices';
import { Button, LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { NotHere } from '@/ui/NotHere';
import { AloneSetOut } from './AloneSetOut';
import { FlightResultView } from './FlightResultView';
import { FlightSetUp } from './FlightSetUp';
import { LiftCups } from './LiftCups';
import { PourerSlips } from './PourerSlips';
import { TrialSheet } from './TrialSheet';

/** A flight from setting it up to its answer. */
export function FlightView() {
  return (
    <Island>
      <Flight />
    </Island>
  );
}

function Flight() {
  const query = new URLSearchParams(location.search);
  const [ending, setEnding] = useState(false);
  const [id, pouring] = [query.get('id'), query.has('pour')];
  const data = useLiveQuery(async () => {
    if (!id) return { flight: undefined, key: undefined };
    const flight = await database().flights.get(id);
    // The key is read only once the flight has ended; keyOfEnded sees to it.
    return { flight, key: await keyOfEnded(database(), id) };
  }, [id]);
  if (!id) return <FlightSetUp />;
  if (!data) return <p className="text-husk py-10">Setting out the cups…</p>;
  const { flight, key } = data;
  if (!flight)
    return (
      <NotHere what="flight" href="/taste/">
        To tasting
      </NotHere>
    );
  if (flight.endedAt !== undefined && key) return <FlightResultView flight={flight} flightKey={key} />;
  const { manner = 'poured' } = flight;
  const toPour = flight.trials.some((trial) => !trial.poured && trial.answeredAt === undefined);
  if (pouring && toPour && manner === 'poured') return <PourerSlips flight={flight} />;
  if (manner === 'alone' && toPour) return <AloneSetOut flight={flight} />;
  const next = flight.trials.findIndex((trial) => trial.answeredAt === undefined);
  if (manner === 'alone' && (next < 0 || ending))
    return <LiftCups flight={flight} {...(ending ? { onGoOn: () => setEnding(false) } : {})} />;
  if (ending)
    return (
      <section className="max-w-3xl pt-7">
        <h1 className="text-[clamp(1.8rem,4vw,2.6rem)]">
          Ended with {answered(flight)} of {counted(flight.trials.length, 'sheet')}. Nobody has seen the key yet.
        </h1>
        <p className="mt-3">Once it is seen, no more sheets can be blind.</p>
        <div className="mt-6 flex flex-wrap gap-3">
          <Button variant="next" onClick={() => void abortFlight(database(), flight)}>
            See which was which
          </Button>
          <Button onClick={() => setEnding(false)}>Go on tasting</Button>
        </div>
      </section>
    );
  const redrawn = async (text: string, redraw: typeof addRound) => {
    const undo = await redraw(database(), flight.id);
    if (undo.length > 0) notify({ text, undo });
  };
  const takeBack = async () =>
    notify({ text: 'The last sheet is taken back; fill it in anew.', undo: await takeSheetBack(database(), flight) });
  return (
    <section className="max-w-3xl pt-7">
      <p className="text-husk">
        {questionNames[flight.question]} · {mannerNames[manner]} · {answered(flight)} of {flight.trials.length} sheets
        in
      </p>
      {next >= 0 && (
        <TrialSheet key={next} flight={flight} index={next} openKey={manner === 'open' ? key : undefined} />
      )}
      <div className="mt-10 flex flex-wrap gap-3">
        {manner === 'poured' && toPour && (
          <LinkButton href={`/taste/flight/?id=${encodeURIComponent(flight.id)}&pour`} variant="quiet">
            Slips for whoever pours
          </LinkButton>
        )}
        {manner !== 'open' && !toPour && (
          <Button variant="quiet" onClick={() => void redrawn('New codes are drawn for the sheets to come.', drawAnew)}>
            Cups mixed up? Draw new codes
          </Button>
        )}
        {answered(flight) > 0 && (
          <Button variant="quiet" onClick={() => void takeBack()}>
            Take the last sheet back
          </Button>
        )}
        {flight.trials.length < MOST_SHEETS && (
          <Button variant="quiet" onClick={() => void redrawn('One more round of sheets is set out.', addRound)}>
            One more round of sheets
          </Button>
        )}
        <Button variant="quiet" onClick={() => setEnding(true)}>
          End it with what is in
        </Button>
      </div>
    </section>
  );
}
