import { useState } from 'react';
import { type Process, processes, processNames } from '@/core/bean';
import { type MethodId, methodIds, methodOf } from '@/core/gear';
import { type ShadeNumber, shades } from '@/core/shade';
import { database } from '@/store/current';
import { startPractice } from '@/store/practice';
import { Button } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { useWords } from '@/ui/useHousehold';

/** Roasting without fire: simulated beans on the real roast screen. */
export function PracticeView() {
  return (
    <Island>
      <SetUp />
    </Island>
  );
}

const SPEEDS = [1, 2, 5, 10, 30] as const;

function SetUp() {
  const words = useWords();
  const [method, setMethod] = useState<MethodId>('hotAirPopper');
  const [process, setProcess] = useState<Process>('washed');
  const [shade, setShade] = useState<ShadeNumber>(4);
  const [speed, setSpeed] = useState<(typeof SPEEDS)[number]>(2);
  const [withProbe, setWithProbe] = useState(true);
  const begin = async () => {
    const roastId = await startPractice(database(), { method, process, shade, withProbe }, Date.now());
    location.assign(`/practice/live/?id=${encodeURIComponent(roastId)}&speed=${speed}`);
  };
  const { batchGrams } = methodOf(method);
  return (
    <section className="pt-8">
      <h1 className="max-w-5xl text-[clamp(1.5rem,3.6vw,2.3rem)] leading-[1.5] font-medium">
        Practise with {words.weight(batchGrams.usual)} of{' '}
        <select
          aria-label="Beans"
          className="choice"
          value={process}
          onChange={(event) => setProcess(event.target.value as Process)}
        >
          {processes
            .filter((each) => each !== 'other')
            .map((each) => (
              <option key={each} value={each}>
                {processNames[each]} beans
              </option>
            ))}
        </select>{' '}
        in a{' '}
        <select
          aria-label="Gear"
          className="choice"
          value={method}
          onChange={(event) => setMethod(event.target.value as MethodId)}
        >
          {methodIds
            .filter((id) => id !== 'other')
            .map((id) => (
              <option key={id} value={id}>
                {methodOf(id).name.toLowerCase()}
              </option>
            ))}
        </select>
        , to{' '}
        <select
          aria-label="Shade"
          className="choice"
          value={shade}
          onChange={(event) => setShade(Number(event.target.value) as ShadeNumber)}
        >
          {shades.map(({ number }) => (
            <option key={number} value={number}>
              {words.shade(number)}
            </option>
          ))}
        </select>
        ,{' '}
        <select
          aria-label="Probe"
          className="choice"
          value={String(withProbe)}
          onChange={(event) => setWithProbe(event.target.value === 'true')}
        >
          <option value="true">with a probe</option>
          <option value="false">by ear and eye</option>
        </select>
        ,{' '}
        <select
          aria-label="Speed"
          className="choice"
          value={speed}
          onChange={(event) => setSpeed(Number(event.target.value) as (typeof SPEEDS)[number])}
        >
          {SPEEDS.map((each) => (
            <option key={each} value={each}>
              {each === 1 ? 'at its real pace' : `${each} times as fast`}
            </option>
          ))}
        </select>
        .
      </h1>
      <div className="mt-6">
        <Button variant="next" size="large" className="px-10" onClick={() => void begin()}>
          Beans in
        </Button>
      </div>
      <p className="text-husk mt-6 max-w-[70ch]">
        The beans are simulated: listen for the pops, watch the colour, make your moves, and pull in time. Afterwards
        Gander says how near your marks were. Nothing burns, and nothing goes into your journal.
      </p>
    </section>
  );
}
