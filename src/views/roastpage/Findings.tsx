import { useLiveQuery } from 'dexie-react-hooks';
import { FlaskConical } from 'lucide-react';
import { useState } from 'react';
import { complaintNames, type Finding, findingNames } from '@/core/diagnose';
import { changeWords } from '@/core/experiment';
import type { Gear } from '@/core/gear';
import type { Roast } from '@/core/roast';
import { unusualBrew } from '@/core/taste';
import { capital } from '@/core/units';
import { database } from '@/store/current';
import { startExperiment } from '@/store/experiments';
import { Button } from '@/ui/Button';
import { useWords } from '@/ui/useHousehold';
import { Interview } from './Interview';
import { useReading } from './useReading';

interface FindingsProps {
  readonly roast: Roast;
  readonly gear: Gear | undefined;
}

/** How sure a finding is, in words. */
const strengthWords = {
  perhaps: 'Perhaps',
  likely: 'Likely',
  plain: 'Plain to see',
} as const satisfies Record<Finding['strength'], string>;

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
      {first ? (
        <Top finding={first} roast={roast} gear={gear} />
      ) : (
        <>
          <h2 className="text-2xl">{complaints.length > 0 ? 'The roast is in order.' : 'Nothing stands out.'}</h2>
          <p className="mt-2 max-w-3xl">
            {complaints.length > 0
              ? `Nothing in the record explains “${complaints.map((each) => complaintNames[each]).join('”, “')}”. Look at the grinder first (uneven grounds taste so), then at the brewing: taste it by immersion, four minutes, before changing the roast.`
              : 'The figures are as they usually are on this gear, and nobody complained.'}
          </p>
        </>
      )}
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

function Top({ finding, roast, gear }: { readonly finding: Finding } & FindingsProps) {
  const words = useWords();
  const { proposal } = finding;
  const tryIt = async () => {
    const { question, change } = proposal;
    const id = await startExperiment(database(), { question, change, finding: finding.id, aRoastId: roast.id });
    location.assign(`/roast/?experiment=${encodeURIComponent(id)}`);
  };
  return (
    <div className="grid gap-x-12 gap-y-6 lg:grid-cols-[1.2fr_1fr]">
      <div>
        <h2 className="text-2xl">{finding.says}</h2>
        <p className="text-husk mt-1">
          {strengthWords[finding.strength]}
          {finding.explains.length > 0 &&
            `; it would explain “${finding.explains.map((each) => complaintNames[each]).join('”, “')}”`}
          .
        </p>
        <ul className="mt-3 space-y-1">
          {finding.evidence.map((each) => (
            <li key={each} className="border-bill border-l-4 pl-3">
              {each}
            </li>
          ))}
        </ul>
        {(finding.against.length > 0 || finding.outweighs.length > 0) && (
          <div className="text-husk mt-3">
            <p>What speaks against it:</p>
            <ul className="mt-1 space-y-1">
              {finding.against.map((each) => (
                <li key={each} className="border-line border-l-4 pl-3">
                  {each}
                </li>
              ))}
              {finding.outweighs.map((id) => (
                <li key={id} className="border-line border-l-4 pl-3">
                  Some signs of “{findingNames[id]}”, fewer than of this.
                </li>
              ))}
            </ul>
          </div>
        )}
      </div>
      <div>
        <h3 className="text-xl">One change for the next batch</h3>
        <p className="mt-2 text-lg">
          <b>{`${capital(changeWords(proposal.change, gear, words.weight))}.`}</b> {proposal.expected}
        </p>
        <p className="text-husk mt-2">Leave everything else as it was, then taste both, blind.</p>
        <div className="no-print mt-4">
          <Button variant="next" size="large" onClick={() => void tryIt()}>
            <FlaskConical className="mr-2 inline size-5" />
            Try it in the next roast
          </Button>
        </div>
      </div>
    </div>
  );
}
