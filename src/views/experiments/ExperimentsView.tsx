import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { writtenAs } from '@/core/household';
import { database } from '@/store/current';
import { Button, LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { JournalTabs } from '@/ui/JournalTabs';
import { useHousehold } from '@/ui/useHousehold';
import { AskQuestion } from './AskQuestion';
import { Known } from './Known';
import { OpenQuestion } from './OpenQuestion';
import { type ExperimentNow, readExperiments } from './readExperiments';
import { WhatHelped } from './WhatHelped';

/** Questions that two roasts answer: the open ones, and what this household knows now. */
export function ExperimentsView() {
  return (
    <Island>
      <JournalTabs current="experiments" />
      <All />
    </Island>
  );
}

function All() {
  const household = useHousehold();
  const [asking, setAsking] = useState(false);
  const all = useLiveQuery(() => readExperiments(database(), writtenAs(household)), [household]);
  if (!all) return <p className="text-husk py-10">Opening the questions…</p>;
  const open = all.filter(({ state }) => state !== 'answered');
  const answered = all.filter(({ state }) => state === 'answered');
  return (
    <article className="pt-8">
      <h1 className="max-w-3xl text-4xl">{headline(answered)}</h1>
      {all.length === 0 && (
        <div className="max-w-2xl">
          <p className="mt-3 mb-6">
            Change one thing, leave the rest, taste both blind: that is how a roast gets better. Where something stands
            out on a roast’s page, one press makes it a question here. Or ask one of your own.
          </p>
          <LinkButton href="/journal/" variant="next">
            To the journal
          </LinkButton>
        </div>
      )}
      <div className="mt-5">
        {!asking && <Button onClick={() => setAsking(true)}>Ask a question of your own</Button>}
      </div>
      {asking && <AskQuestion onDone={() => setAsking(false)} />}
      {open.length > 0 && (
        <section className="border-ink mt-7 border-t-2 pt-4">
          <h2 className="text-2xl">
            {open.length === 1 ? 'One question is open' : `${open.length} questions are open`}
          </h2>
          <ul className="divide-line divide-y">
            {open.map((each) => (
              <OpenQuestion key={each.experiment.id} {...each} />
            ))}
          </ul>
        </section>
      )}
      {answered.length > 0 && (
        <>
          <WhatHelped experiments={answered.map(({ experiment }) => experiment)} />
          <Known answered={answered} />
        </>
      )}
    </article>
  );
}

function headline(answered: readonly ExperimentNow[]): string {
  const helped = answered.filter(({ experiment }) => experiment.outcome === 'helped').length;
  if (answered.length === 0) return 'Nothing is found out yet.';
  if (helped === 0) return 'No change has helped so far; that is worth knowing too.';
  return helped === 1
    ? `One change helped, of ${answered.length} tried.`
    : `${helped} changes helped, of ${answered.length} tried.`;
}
