import { sum } from 'd3-array';
import { useLiveQuery } from 'dexie-react-hooks';
import { type JarEvent, sealedTooEarly, shelfStates, stateNames } from '@/core/shelf';
import { capital, HOUR_MS } from '@/core/units';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { addJarEvent, type JarNow, jarsOnShelf } from '@/store/shelf';
import { Button, LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { groundWords, jarHref, jarStateWords } from '@/ui/jarWords';
import { LarderTabs } from '@/ui/LarderTabs';
import { saveCalendar } from '@/ui/saveCalendar';
import { useWords } from '@/ui/useHousehold';
import { useNow } from '@/ui/useNow';
import { useRoastDates } from '@/ui/useRoastDates';

/** The roasted side of the larder: every jar by its state. */
export function ShelfView() {
  return (
    <Island>
      <LarderTabs current="roasted" />
      <Shelf />
    </Island>
  );
}

const FROZEN = 'frozen' as const;

function Shelf() {
  const words = useWords();
  // A jar changes by the hour, not by the second.
  const nowMs = useNow(HOUR_MS);
  const jars = useLiveQuery(() => jarsOnShelf(database(), Date.now()), [nowMs]);
  if (!jars) return <p className="text-husk py-10">Looking at the shelf…</p>;
  const left = sum(jars, ({ leftGrams }) => leftGrams);
  return (
    <section>
      <div className="flex flex-wrap items-end gap-4 py-7">
        <h1 className="mr-auto text-4xl">
          {jars.length === 0
            ? 'The shelf is empty.'
            : `${words.weight(left)} of roasted coffee in ${jars.length === 1 ? 'one jar' : `${jars.length} jars`}.`}
        </h1>
        {jars.length > 0 && <Button onClick={() => void saveCalendar()}>Dates for a calendar</Button>}
      </div>
      {jars.length === 0 && (
        <p className="text-husk -mt-3">
          Every pull becomes a jar here, with its date.{' '}
          <a className="underline underline-offset-4" href="/plan/">
            Plan a roast
          </a>
        </p>
      )}
      {([...shelfStates, FROZEN] as const).map((group) => {
        const its = jars.filter((jar) => (jar.frozen ? FROZEN : jar.state) === group);
        return (
          its.length > 0 && (
            <section key={group} className="border-ink mb-6 border-t-2 pt-3">
              <h2 className="mb-1 text-xl">{capital(group === FROZEN ? 'in the freezer' : stateNames[group])}</h2>
              <ul className="divide-line divide-y">
                {its.map((jar) => (
                  <JarRow key={jar.pull.id} jar={jar} nowMs={Date.now()} />
                ))}
              </ul>
            </section>
          )
        );
      })}
    </section>
  );
}

function JarRow({ jar, nowMs }: { readonly jar: JarNow; readonly nowMs: number }) {
  const dates = useRoastDates();
  const words = useWords();
  const log = async (event: JarEvent, text: string) =>
    notify({ text, undo: await addJarEvent(database(), jar.row, event) });
  const nowAt = new Date(nowMs).toISOString();
  const name = jar.named.lot?.name ?? 'coffee';
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
      <div className="mr-auto min-w-[16rem]">
        <a className="text-lg font-bold underline-offset-4 hover:underline" href={jarHref(jar)}>
          {jar.named.lotName}, {words.shade(jar.shade)}
        </a>
        <span className="text-husk block">
          {jar.counted ? '' : 'about '}
          {words.weight(jar.leftGrams)} left{jar.account.ground && `, ${groundWords(jar, words)}`} · roasted{' '}
          {dates.date(jar.named.roast.createdAt)} · {jarStateWords(jar, nowMs)}
        </span>
        {sealedTooEarly(jar.madeAt, jar.row.events, nowMs) && (
          <span className="text-danger block">
            Closed airtight before its gas was gone: open it for a moment, or it may burst.
          </span>
        )}
      </div>
      <LinkButton
        href={`/taste/sheet/?roast=${encodeURIComponent(jar.named.roast.id)}&pull=${encodeURIComponent(jar.pull.id)}`}
        variant="quiet"
      >
        Taste
      </LinkButton>
      <Button
        variant="quiet"
        className="px-3"
        aria-label={`${jar.frozen ? 'Thaw' : 'Freeze'} ${name}`}
        onClick={() =>
          void log(
            { kind: jar.frozen ? 'thaw' : 'freeze', doneAt: nowAt },
            jar.frozen ? `${name} thaws; open it when it is warm.` : `${name} is frozen.`,
          )
        }
      >
        {jar.frozen ? 'Thaw' : 'Freeze'}
      </Button>
      <Button
        variant="quiet"
        className="px-3"
        aria-label={`${name} is empty`}
        onClick={() => void log({ kind: 'empty', doneAt: nowAt }, `${name} is empty.`)}
      >
        Empty
      </Button>
    </li>
  );
}
