import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { type Changed, changes, newerThan } from '@/offline/changes';
import { askWaiting, type TakeOverAnswer } from '@/offline/messages';
import { database } from '@/store/current';
import { thisVisit } from '@/store/small';
import { Button } from './Button';

/** For this visit; the next one asks again. */
const LATER = 'gander.later';

/** Offers a newer Gander that waits, and says what it brings. Never while something is on the heat. */
export function NewerGander({ waiting }: { readonly waiting: ServiceWorker }) {
  const busy = useLiveQuery(() => database().underWay.count(), []) !== 0;
  const [news, setNews] = useState<readonly Changed[]>();
  const [later, setLater] = useState(() => thisVisit.get(LATER) !== undefined);
  const [others, setOthers] = useState(false);
  if (busy || later) return null;
  const show = async () => setNews(newerThan((await askWaiting<Changed[]>(waiting, 'what changed')) ?? [], changes));
  const take = async () => {
    navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
    if ((await askWaiting<TakeOverAnswer>(waiting, 'take over')) === 'other windows') setOthers(true);
  };
  const lines = news?.flatMap(({ says }) => says) ?? [];
  return (
    <section
      aria-label="A newer Gander"
      className="no-print border-line flex flex-wrap items-center gap-3 border-b py-2"
    >
      <p className="mr-auto">A newer Gander is here. The page loads once more when you take it.</p>
      {!news && (
        <Button variant="quiet" onClick={() => void show()}>
          What changed?
        </Button>
      )}
      <Button onClick={() => void take()}>Take it</Button>
      <Button
        variant="quiet"
        onClick={() => {
          thisVisit.set(LATER, '');
          setLater(true);
        }}
      >
        Later
      </Button>
      {others && (
        <p role="alert" className="text-danger w-full font-bold">
          Another window of Gander is open, and still needs the one before. Close it, then take the newer one.
        </p>
      )}
      {news && (
        <ul className="w-full list-disc pl-5">
          {lines.length === 0 && <li>Small repairs.</li>}
          {lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
    </section>
  );
}
