import { useState } from 'react';
import { type Process, processes, processNames } from '@/core/bean';
import { type MethodId, methodIds, methodOf } from '@/core/gear';
import type { ShadeNumber } from '@/core/shade';
import { database } from '@/store/current';
import { startPractice } from '@/store/practice';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Island } from '@/ui/Island';
import { useWords } from '@/ui/useHousehold';
import { DarkerLesson } from './DarkerLesson';
import { PracticeAhead } from './PracticeAhead';
import { WhistleLesson } from './WhistleLesson';

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
        <Choice
          label="Beans"
          value={process}
          options={processes.filter((each) => each !== 'other').map((each) => [each, `${processNames[each]} beans`])}
          onPick={setProcess}
        />{' '}
        in a{' '}
        <Choice
          label="Gear"
          value={method}
          options={methodIds.filter((id) => id !== 'other').map((id) => [id, methodOf(id).name.toLowerCase()])}
          onPick={setMethod}
          then=","
        />{' '}
        to <Choice label="Shade" value={shade} options={words.shadeChoices()} onPick={setShade} then="," />{' '}
        <Choice
          label="Probe"
          value={withProbe}
          options={[
            [true, 'with a probe'],
            [false, 'by ear and eye'],
          ]}
          onPick={setWithProbe}
          then=","
        />{' '}
        <Choice
          label="Speed"
          value={speed}
          options={SPEEDS.map((each) => [each, each === 1 ? 'at its real pace' : `${each} times as fast`])}
          onPick={setSpeed}
          then="."
        />
      </h1>
      <div className="mt-6">
        <Button variant="next" size="large" className="px-10" onClick={() => void begin()}>
          Beans in
        </Button>
      </div>
      <PracticeAhead method={method} process={process} shade={shade} />
      <DarkerLesson />
      <WhistleLesson />
    </section>
  );
}
