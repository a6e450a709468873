import { complaintNames } from '@/core/diagnose';
import type { RoastReading } from '@/workers/journal/contract';

/** What is said of a roast in which nothing stands out, or of which too little is known. */
export function NoFinding({ reading }: { readonly reading: RoastReading }) {
  const { diagnosis, ownRoasts } = reading;
  const tasted = diagnosis.unexplained.map((each) => complaintNames[each]).join('”, “');
  const brew =
    'Look at the grinder first (uneven grounds taste so), then at the brewing: taste it by immersion, four minutes, before changing the roast.';
  if (diagnosis.verdict === 'notEnough')
    return (
      <>
        <h2 className="text-2xl">Not enough to say.</h2>
        <p className="mt-2 max-w-3xl">
          Too little was noted to tell whether the roast was in order.
          {tasted && ` Before it is blamed for “${tasted}”: ${brew.charAt(0).toLowerCase()}${brew.slice(1)}`}
        </p>
      </>
    );
  const usual =
    ownRoasts > 0
      ? 'The figures are as they usually are on this gear'
      : 'The figures are as they usually are with this method; it is the first roast on this gear that tells';
  return (
    <>
      <h2 className="text-2xl">{tasted ? 'The roast is in order.' : 'Nothing stands out.'}</h2>
      <p className="mt-2 max-w-3xl">
        {tasted ? `Nothing in the record explains “${tasted}”. ${brew}` : `${usual}, and nobody complained.`}
      </p>
    </>
  );
}
