import { useLiveQuery } from 'dexie-react-hooks';
import { lotTitle } from '@/core/bean';
import { database } from '@/store/current';
import { bringBack, putAway } from '@/store/larder';
import { notify } from '@/store/notices';
import { Button } from './Button';

/** Lots or gear that are out of every choice because they were put away: each can be had back at any time. */
export function PutAway({ of }: { readonly of: 'lots' | 'gear' }) {
  const away = useLiveQuery(() => putAway(database()), []);
  const rows =
    of === 'lots'
      ? away?.lots.map((lot) => ({ id: lot.id as string, name: lotTitle(lot) }))
      : away?.gear.map((gear) => ({ id: gear.id as string, name: gear.nickname }));
  if (!rows || rows.length === 0) return null;
  return (
    <details className="mt-8">
      <summary className="text-husk min-h-11 cursor-pointer py-2">
        Put away: {rows.length === 1 ? 'one' : rows.length}
      </summary>
      <ul className="divide-line max-w-2xl divide-y">
        {rows.map(({ id, name }) => (
          <li key={id} className="flex flex-wrap items-center gap-x-4 py-1">
            <span className="mr-auto">{name}</span>
            <Button
              variant="quiet"
              aria-label={`Bring back ${name}`}
              onClick={async () => {
                const change = await bringBack(database(), of, id);
                notify({ text: `${name} is in use again.`, undo: change });
              }}
            >
              Bring back
            </Button>
          </li>
        ))}
      </ul>
    </details>
  );
}
