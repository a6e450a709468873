import { useLiveQuery } from 'dexie-react-hooks';
import { lazy, Suspense, useState } from 'react';
import { pullsOf } from '@/core/roast';
import {
  type Fate,
  fateNames,
  fateOf,
  fates,
  type JarEvent,
  keepingNames,
  keepings,
  restSchools,
  windowFrom,
} from '@/core/shelf';
import { capital } from '@/core/units';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { addJarEvent, editJar, type JarNow, jarOf } from '@/store/shelf';
import { Button, LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { JarBars } from '@/ui/JarBars';
import { dayName, groundWords, jarHref, jarStateWords, leftWords } from '@/ui/jarWords';
import { LarderTabs } from '@/ui/LarderTabs';
import { NotHere } from '@/ui/NotHere';
import { Segmented } from '@/ui/Segmented';
import { useWords } from '@/ui/useHousehold';
import { BrewCalculator } from './BrewCalculator';
import { WhatHappened } from './WhatHappened';

const LookAtBeans = lazy(() => import('@/ui/look/LookAtBeans').then((module) => ({ default: module.LookAtBeans })));

/** One jar: how it stands, what is left, how it is kept, what the schools say of it. */
export function JarView() {
  return (
    <Island>
      <LarderTabs current="roasted" />
      <Found />
    </Island>
  );
}

/** The jar that the address names; undefined while it is looked for, null when there is none. */
export function useJar(): JarNow | null | undefined {
  const params = new URLSearchParams(location.search);
  const [roast, pull] = [params.get('roast') ?? '', params.get('pull') ?? ''];
  return useLiveQuery(async () => (await jarOf(database(), roast, pull, Date.now())) ?? null, [roast, pull]);
}

function Found() {
  const jar = useJar();
  if (jar === undefined) return <p className="text-husk py-10">Looking for the jar…</p>;
  if (jar === null)
    return (
      <NotHere what="jar" href="/larder/shelf/">
        To the shelf
      </NotHere>
    );
  return <OneJar jar={jar} />;
}

const schoolNames = { early: 'early', usual: 'usual', patient: 'patient' } as const;

function OneJar({ jar }: { readonly jar: JarNow }) {
  const words = useWords();
  const [others, setOthers] = useState(false);
  const nowMs = Date.now();
  const { row, named } = jar;
  const log = async (event: JarEvent, said: string) =>
    notify({ text: said, undo: await addJarEvent(database(), row, event) });
  const nowAt = new Date(nowMs).toISOString();
  const keeping = row.events.findLast((event) => event.kind === 'keep');
  const fate = fateOf(row.events);
  return (
    <article className="pt-7">
      <p className="text-husk">{words.fullDate(jar.madeAt)}</p>
      <h1 className="mt-1 text-[clamp(1.8rem,4vw,2.6rem)]">
        {named.lotName}, {words.shade(jar.shade)}: {fate ? fateNames[fate] : jarStateWords(jar, nowMs)}.
      </h1>
      <p className="mt-2 text-lg">
        {leftWords(jar, words)} {jar.account.ground && <b>{capital(groundWords(jar, words))}.</b>}
      </p>
      {Date.parse(jar.madeAt) > nowMs && (
        <p role="alert" className="text-danger mt-2">
          It was roasted on a day that is still to come: was this device’s clock wrong? The jar is kept as it is and
          counts from then.
        </p>
      )}
      <div className="mt-5">
        <JarBars jars={[jar]} nowMs={nowMs} />
      </div>
      <div className="no-print mt-2 flex flex-wrap gap-3">
        <LinkButton
          href={`/taste/sheet/?roast=${encodeURIComponent(named.roast.id)}&pull=${encodeURIComponent(jar.pull.id)}`}
          variant="next"
        >
          Taste it
        </LinkButton>
        <LinkButton href={jarHref(jar, 'label')}>Its label</LinkButton>
        <LinkButton href={`/journal/roast/?id=${encodeURIComponent(named.roast.id)}`}>Its roast</LinkButton>
        <Button
          onClick={() =>
            void log(
              { kind: jar.frozen ? 'thaw' : 'freeze', doneAt: nowAt },
              jar.frozen ? 'It thaws; open it when it is warm.' : 'It is frozen; its days count a tenth.',
            )
          }
        >
          {jar.frozen ? 'Thaw it' : 'Freeze it'}
        </Button>
        <Button onClick={() => void log({ kind: 'empty', doneAt: nowAt }, 'The jar is empty.')}>It is empty</Button>
      </div>
      <p className="text-husk mt-2 max-w-[75ch]">
        {jar.frozen
          ? 'Leave it closed until it is as warm as the room, or moisture settles on the beans.'
          : 'Some freeze sealed portions once and thaw them before opening; others never freeze, since a cold jar draws moisture. Yours to choose.'}
      </p>
      <div className="mt-8 grid gap-x-12 gap-y-8 md:grid-cols-2">
        <WhatHappened jar={jar} />
        <Suspense fallback={null}>
          <LookAtBeans
            roast={named.roast}
            pull={jar.pull}
            part={pullsOf(named.roast).length > 1 ? 'these beans' : undefined}
          />
        </Suspense>
        <BrewCalculator key={fate} jar={jar} />
        <section className="border-ink border-t-2 pt-3">
          <h2 className="mb-2 text-xl">How it is closed</h2>
          <Segmented
            label="How it is closed"
            value={keeping?.kind === 'keep' ? keeping.keeping : undefined}
            options={keepings.map((value) => ({ value, name: keepingNames[value] }))}
            onChange={(value) =>
              void log({ kind: 'keep', doneAt: nowAt, keeping: value }, `Closed: ${keepingNames[value]}.`)
            }
          />
          <p
            className={
              keeping?.kind === 'keep' && keeping.keeping === 'airtight' && jar.days < 2
                ? 'text-danger mt-2'
                : 'text-husk mt-2'
            }
          >
            A loose lid or a valve for the first two days: fresh coffee gives off gas, and a tight jar can burst.
          </p>
        </section>
        <section className="border-ink border-t-2 pt-3">
          <h2 className="mb-2 text-xl">How long it rests</h2>
          <Segmented
            label="School of rest for this jar"
            value={jar.school}
            options={restSchools.map((value) => ({ value, name: schoolNames[value] }))}
            onChange={(school) => void editJar(database(), row, { school })}
          />
          <button
            type="button"
            className="mt-2 min-h-11 underline underline-offset-4"
            aria-expanded={others}
            onClick={() => setOthers(!others)}
          >
            What the others would say
          </button>
          {others && (
            <ul>
              {restSchools.map((school) => {
                const { readyMs, bestMs } = windowFrom(jar.madeAt, jar.shade, school);
                return (
                  <li key={school}>
                    <b>{schoolNames[school]}</b>: ready {dayName(readyMs, nowMs)}, best until {dayName(bestMs, nowMs)}
                  </li>
                );
              })}
            </ul>
          )}
        </section>
        <section className="border-ink border-t-2 pt-3">
          <h2 className="mb-2 text-xl">If it did not come out well</h2>
          <Segmented<Fate>
            label="What became of it"
            value={fate}
            options={fates.map((value) => ({ value, name: fateNames[value] }))}
            onChange={(value) =>
              void log({ kind: 'fate', doneAt: nowAt, fate: value }, `The batch is ${fateNames[value]}.`)
            }
          />
          <p className="text-husk mt-2">
            A batch thrown away counts in what your coffee costs. One that came out sharp or dark often makes a fine
            cold brew: keep it for that, and the dose and hours stand above.
          </p>
        </section>
      </div>
    </article>
  );
}
