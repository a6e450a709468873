import { complaintNames, type LookComplaint, usualChanges } from '@/core/diagnose';
import { capital } from '@/core/units';
import type { RoastReading } from '@/workers/journal/contract';

const BREW =
  'look at the grinder first (uneven grounds taste so), then at the brewing: taste it by immersion, four minutes, before changing the roast.';

/** What is said of a roast in which nothing stands out, or of which too little is known. */
export function NoFinding({ reading }: { readonly reading: RoastReading }) {
  const { diagnosis, ownRoasts } = reading;
  const { verdict, unexplained, looksUnexplained: looks } = diagnosis;
  const tasted = unexplained.map((each) => complaintNames[each]).join('”, “');
  if (verdict === 'notEnough')
    return (
      <>
        <h2 className="text-2xl">Not enough to say.</h2>
        <p className="mt-2 max-w-3xl">
          Too little was noted to tell whether the roast was in order.
          {tasted && ` Before it is blamed for “${tasted}”: ${BREW}`}
        </p>
        <OfTheBeans looks={looks} />
      </>
    );
  const usual =
    ownRoasts > 0
      ? 'The figures are as they usually are on this gear'
      : 'The figures are as they usually are with this method; it is the first roast on this gear that tells';
  return (
    <>
      <h2 className="text-2xl">
        {looks.length > 0 ? 'The times are in order.' : tasted ? 'The roast is in order.' : 'Nothing stands out.'}
      </h2>
      {tasted && (
        <p className="mt-2 max-w-3xl">
          Nothing in the record explains “{tasted}”. {capital(BREW)}
        </p>
      )}
      {!tasted && (
        <p className="mt-2 max-w-3xl">
          {usual}
          {looks.length > 0 ? '.' : ', and nobody complained.'}
        </p>
      )}
      <OfTheBeans looks={looks} />
    </>
  );
}

/** What is usually changed for beans that came out so, though nothing in the record says why they did. */
function OfTheBeans({ looks }: { readonly looks: readonly LookComplaint[] }) {
  return looks.map((look) => (
    <p key={look} className="mt-2 max-w-3xl">
      The beans are {complaintNames[look]}, and nothing that was noted says why. What usually helps:{' '}
      {usualChanges[look]}. One change at a time.
    </p>
  ));
}
