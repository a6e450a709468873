import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import type { Flight } from '@/core/taste';
import { database } from '@/store/current';
import { keyForPourer } from '@/store/tasting';
import { Button, LinkButton } from '@/ui/Button';

/** For whoever pours: which cup gets which code. Not read before the pourer says that the tasters look away. */
export function PourerSlips({ flight }: { readonly flight: Flight }) {
  const [shown, setShown] = useState(false);
  const key = useLiveQuery(
    async () => (shown ? await keyForPourer(database(), flight.id) : undefined),
    [shown, flight.id],
  );
  const taste = `/taste/flight/?id=${encodeURIComponent(flight.id)}`;
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
            <LinkButton href={taste} size="large">
              It is poured: taste
            </LinkButton>
          </div>
        </>
      ) : (
        <>
          <ol className="mt-5 grid gap-4 sm:grid-cols-2">
            {flight.trials.map((trial, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: trials are told apart by their place
              <li key={i} className="border-ink border-2 p-3">
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
          <div className="no-print mt-5 flex flex-wrap gap-3">
            <Button onClick={() => print()}>Print the slips</Button>
            <LinkButton href={taste} variant="next" size="large">
              It is poured: taste
            </LinkButton>
          </div>
        </>
      )}
    </section>
  );
}
