import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { complaintNames, findingNames } from '@/core/diagnose';
import type { Gear } from '@/core/gear';
import type { Roast } from '@/core/roast';
import { unusualBrew } from '@/core/taste';
import { database } from '@/store/current';
import { Button } from '@/ui/Button';
import { FindingTop } from './FindingTop';
import { Interview } from './Interview';
import { NoFinding } from './NoFinding';
import { useReading } from './useReading';

interface FindingsProps {
  readonly roast: Roast;
  readonly gear: Gear | undefined;
}

/** What stands out in the roast, why Gander thinks so, and ONE change for the next batch. */
export function Findings({ roast, gear }: FindingsProps) {
  const cups = useLiveQuery(() => database().cups.where('roastId').equals(roast.id).toArray(), [roast.id]);
  const state = useReading(roast, cups);
  const [asking, setAsking] = useState(false);
  if (state.status === 'failed')
    return (
      <section className="border-ink mt-8 border-t-2 pt-3">
        <h2 className="text-2xl">What stands out</h2>
        <p className="text-husk mt-2">This roast could not be read just now. Reload the page to try again.</p>
      </section>
    );
  if (state.status === 'reading')
    return (
      <section className="border-ink mt-8 border-t-2 pt-3">
        <h2 className="text-2xl">What stands out</h2>
        <p className="text-husk mt-2">Reading the roast…</p>
      </section>
    );
  const { diagnosis, questions, complaints } = state.reading;
  const [first, ...others] = diagnosis.findings;
  const brewed = unusualBrew(cups ?? []);
  return (
    <section className="border-ink mt-8 border-t-2 pt-3" aria-label="What stands out">
      {first ? <FindingTop finding={first} roast={roast} gear={gear} /> : <NoFinding reading={state.reading} />}
      {others.length > 0 && (
        <p className="text-husk mt-4 max-w-3xl">
          Also seen, but change one thing at a time: {others.map(({ id }) => findingNames[id]).join('; ')}.
        </p>
      )}
      {first && diagnosis.unexplained.length > 0 && (
        <p className="text-husk mt-2 max-w-3xl">
          That does not explain “{diagnosis.unexplained.map((each) => complaintNames[each]).join('”, “')}”: try the
          grinder, then the brewing.
        </p>
      )}
      {brewed && complaints.length > 0 && (
        <p className="mt-2 max-w-3xl">{brewed} Brew it as usual before you judge it.</p>
      )}
      {diagnosis.missing.length > 0 && (
        <p className="text-husk mt-4 max-w-3xl">
          <b className="text-ink">To know more next time: </b>
          {diagnosis.missing.join(' ')}
        </p>
      )}
      {questions.length > 0 && !asking && (
        <div className="no-print mt-4">
          <Button onClick={() => setAsking(true)}>
            {complaints.length > 0 || first ? 'Tell more about it' : 'What’s wrong with it?'}
          </Button>
        </div>
      )}
      {asking && <Interview roast={roast} questions={questions} onDone={() => setAsking(false)} />}
    </section>
  );
}
