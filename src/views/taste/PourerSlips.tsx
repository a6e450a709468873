import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import type { Flight } from '@/core/taste';
import { counted } from '@/core/units';
import { database } from '@/store/current';
import { keyForPourer, putSlipsAway } from '@/store/flights';
import { Button } from '@/ui/Button';

/** For whoever pours: which cup gets which code. Not read before the pourer says that the tasters look away. */
export function PourerSlips({ flight }: { readonly flight: Flight }) {
  const [shown, setShown] = useState(false);
  const key = useLiveQuery(
    async () => (shown ? await keyForPourer(database(), flight.id) : undefined),
    [shown, flight.id],
  );
  const taste = async () => {
    await putSlipsAway(database(), flight);
    // Not a step of the history: Back must not lead here again.
    location.replace(`/taste/flight/?id=${encodeURIComponent(flight.id)}`);
  };
  const slips = flight.trials.flatMap((trial, i) => (trial.poured || trial.answeredAt ? [] : [{ trial, i }]));
  const pours = slips.flatMap(({ i }) => Object.values(key?.trials[i] ?? {}));
  return (
    <section className="max-w-3xl pt-7">
      <h1 className="text-4xl">For whoever pours.</h1>
      {!shown ? (
        <>
          <p className="mt-3 text-lg">
            Tasters look away now. The pourer writes the codes under the cups and pours; nobody who tastes sees this
            page.
          </p>
          <div className="mt-5 flex flex-wrap gap-3">
            <Button variant="next" size="large" onClick={() => setShown(true)}>
              I pour: show the slips
            </Button>
          </div>
        </>
      ) : (
        <>
          {key && (
            <p className="mt-3 text-lg">
              {counted(pours.length, 'cup')}:{' '}
              {flight.contenders
                .map(({ name }, cup) => `${pours.filter((each) => each === cup).length} of ${name}`)
                .join('; ')}
              .
            </p>
          )}
          <ol className="mt-5 grid gap-4 sm:grid-cols-2">
            {slips.map(({ trial, i }) => (
              <li key={i} className="border-ink break-inside-avoid border-2 p-3">
                <b>
                  {i + 1}. {trial.taster}
                </b>
                <ul>
                  {trial.codes.map((code) => (
                    <li key={code}>
                      <b className="num text-xl">{code}</b>{' '}
                      {flight.contenders[key?.trials[i]?.[code] ?? -1]?.name ?? '…'}
                    </li>
                  ))}
                </ul>
              </li>
            ))}
          </ol>
          <p className="no-print text-husk mt-4">
            Once you go on, the slips are put away until the end, and nobody sees them again. Print them or write the
            codes down first.
          </p>
          <div className="no-print mt-3 flex flex-wrap gap-3">
            <Button onClick={() => print()}>Print the slips</Button>
            <Button variant="next" size="large" onClick={() => void taste()}>
              It is poured: taste
            </Button>
          </div>
        </>
      )}
    </section>
  );
}
