import { FlaskConical } from 'lucide-react';
import { complaintNames, type Finding, findingNames } from '@/core/diagnose';
import { type Care, changeWords } from '@/core/experiment';
import type { Gear } from '@/core/gear';
import { pullsOf, type Roast } from '@/core/roast';
import { capital } from '@/core/units';
import { database } from '@/store/current';
import { startExperiment } from '@/store/experiments';
import { Button, LinkButton } from '@/ui/Button';
import { useWords } from '@/ui/useHousehold';

interface FindingTopProps {
  readonly finding: Finding;
  readonly roast: Roast;
  readonly gear: Gear | undefined;
}

/** How sure a finding is, in words. */
const strengthWords = {
  perhaps: 'Perhaps',
  likely: 'Likely',
  plain: 'Plain to see',
} as const satisfies Record<Finding['strength'], string>;

/** These put this roast's record right or judge it later; there is nothing to try in the next. */
const ABOUT_THIS_ROAST: ReadonlySet<Care> = new Set(['moveMark', 'restFirst', 'tasteFresh', 'probeBack']);

/** What comes first, why Gander thinks so, and ONE change. */
export function FindingTop({ finding, roast, gear }: FindingTopProps) {
  const words = useWords();
  const { proposal } = finding;
  const care = proposal.change.kind === 'care' ? proposal.change.care : undefined;
  const forNext = care === undefined || !ABOUT_THIS_ROAST.has(care);
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
        <h3 className="text-xl">{forNext ? 'One change for the next batch' : 'What to do about it'}</h3>
        <p className="mt-2 text-lg">
          <b>{`${capital(changeWords(proposal.change, gear, words.weight))}.`}</b> {proposal.expected}
        </p>
        {forNext && <p className="text-husk mt-2">Leave everything else as it was, then taste both, blind.</p>}
        <div className="no-print mt-4">
          {forNext && (
            <Button variant="next" size="large" onClick={() => void tryIt()}>
              <FlaskConical className="mr-2 inline size-5" />
              Try it in the next roast
            </Button>
          )}
          {care === 'moveMark' && <LinkButton href="#what-happened">Show its log</LinkButton>}
          {(care === 'restFirst' || care === 'tasteFresh') && (
            <LinkButton
              href={`/taste/sheet/?pull=${encodeURIComponent(proposal.pullId ?? pullsOf(roast).at(-1)?.id ?? '')}`}
            >
              Taste it again
            </LinkButton>
          )}
        </div>
      </div>
    </div>
  );
}
