import { useState } from 'react';
import type { Flight } from '@/core/taste';
import { database } from '@/store/current';
import { renameInFlight } from '@/store/flights';
import { notify } from '@/store/notices';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';

/** Names of tasters and of the coffees in a flight, to be put right afterwards; what was tasted stays. */
export function NamesPutRight({ flight }: { readonly flight: Flight }) {
  const tasters = [...new Set(flight.trials.map(({ taster }) => taster))];
  const [names, setNames] = useState<ReadonlyMap<string, string>>(new Map());
  const [coffees, setCoffees] = useState(flight.contenders.map(({ name }) => name));
  const keep = async () =>
    notify({
      text: 'The names in the flight are put right.',
      undo: await renameInFlight(database(), flight, { tasters: names, contenders: coffees }),
    });
  return (
    <details className="mt-5">
      <summary className="flex min-h-11 items-center underline underline-offset-4">Put a name right</summary>
      <div className="grid gap-4 pt-2 sm:grid-cols-2">
        {tasters.map((taster) => (
          <TextField
            key={taster}
            label={`Taster ${taster}`}
            maxLength={60}
            value={names.get(taster) ?? taster}
            onChange={(event) => setNames(new Map(names).set(taster, event.target.value))}
          />
        ))}
        {flight.contenders.map(({ name }, i) => (
          <TextField
            // biome-ignore lint/suspicious/noArrayIndexKey: contenders are told apart by their place
            key={i}
            label={`Coffee ${name}`}
            maxLength={120}
            value={coffees[i] ?? name}
            onChange={(event) => setCoffees(coffees.map((each, other) => (other === i ? event.target.value : each)))}
          />
        ))}
      </div>
      <Button onClick={() => void keep()}>Keep the names</Button>
    </details>
  );
}
