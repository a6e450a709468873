import { lazy, Suspense, useState } from 'react';
import type { Gear } from '@/core/gear';
import { issueSentence } from '@/core/issues';
import type { DayBatch, RoastDay } from '@/core/plan';
import type { Roast } from '@/core/roast';
import type { LotStock } from '@/store/larder';
import { Button } from '@/ui/Button';
import { canStayAwake, NOT_AWAKE } from '@/ui/canStayAwake';
import { useWords } from '@/ui/useHousehold';
import { Expected } from './Expected';
import { FromLine } from './FromLine';
import { isAskedAbout } from './isAskedAbout';
import { PlanCard } from './PlanCard';
import type { PlanFrom } from './planFrom';
import { Sentence } from './Sentence';
import { Since } from './Since';
import { begin, toDay } from './start';
import { type Choices, useChoices } from './useChoices';
import { usePlanned } from './usePlanned';
import { Weather } from './Weather';

/** Loaded after the beans can go in, or when they are first wanted: an old tablet reads scripts slowly. */
const MoreOfThePlan = lazy(() => import('./MoreOfThePlan').then((module) => ({ default: module.MoreOfThePlan })));
const StartQuestion = lazy(() => import('./StartQuestion').then((module) => ({ default: module.StartQuestion })));
const AddDialogs = lazy(() => import('./AddDialogs').then((module) => ({ default: module.AddDialogs })));

interface PlanProps {
  readonly gear: readonly Gear[];
  readonly lots: readonly LotStock[];
  readonly day: RoastDay | undefined;
  readonly earlier: Roast | undefined;
  readonly batch: DayBatch | undefined;
  readonly from: PlanFrom | undefined;
}

/** One roast planned: the sentence, what it will be like, and the way to the heat. */
export function Plan(props: PlanProps) {
  const { weightUnit } = useWords();
  const { choices, ...change } = useChoices(props.gear, props.lots, weightUnit, props);
  if (!choices) return <p className="text-husk py-10">Looking at your last roast…</p>;
  return <Planning {...props} {...change} choices={choices} />;
}

type PlanningProps = PlanProps & Omit<ReturnType<typeof useChoices>, 'choices'> & { readonly choices: Choices };

function Planning({ gear, lots, day, earlier, batch, from, choices, choose, chooseGear }: PlanningProps) {
  const { weightUnit } = useWords();
  const planned = usePlanned(choices, gear, lots, weightUnit);
  const [adding, setAdding] = useState<'lot' | 'gear'>();
  const [trouble, setTrouble] = useState<React.ReactNode>();
  const [asking, setAsking] = useState<'charge' | 'preheat'>();
  if (!planned) return <p className="text-husk py-10">Looking at your roasts…</p>;
  const { amount, batches } = planned;

  const start = async (how: 'charge' | 'preheat', sure = false) => {
    // The beans are in when the button is pressed, not when the database has answered.
    const nowMs = Date.now();
    if (!batches) return;
    if (!sure && isAskedAbout(planned)) return setAsking(how);
    setAsking(undefined);
    const started = await begin({ choices, planned, earlier, batch, from, how, nowMs });
    const href = `/roast/live/?id=${encodeURIComponent(started.id)}`;
    if (started.kind === 'started') return location.assign(href);
    setTrouble(
      <>
        {planned.gear.nickname} has a roast on the heat already.{' '}
        <a className="font-bold underline" href={href}>
          Go to it
        </a>
        , or choose other gear.
      </>,
    );
  };
  const refused = amount.ok ? trouble : amount.issues.map(issueSentence).join(' ');

  return (
    <>
      <section className="no-print pt-6">
        {from && <FromLine from={from} gear={planned.gear} />}
        <Sentence
          choices={choices}
          planned={planned}
          gear={gear}
          lots={lots}
          choose={choose}
          onGear={(gearId) => void chooseGear(gearId)}
          onNew={setAdding}
        >
          <Since choices={choices} planned={planned} earlier={earlier} />
        </Sentence>
        {refused && (
          <p role="alert" className="text-danger mt-4">
            {refused}
          </p>
        )}
        <div className="mt-5 flex flex-wrap items-center gap-4">
          <Button variant="next" size="large" className="px-10" onClick={() => start('charge')}>
            {batches && batches.batches > 1 ? 'Beans in: batch 1' : 'Beans in'}
          </Button>
          <Button size="large" onClick={() => start('preheat')}>
            Preheat first
          </Button>
          <Button onClick={() => print()}>Print the card</Button>
          {!batch && batches && (
            <Button
              variant="quiet"
              onClick={async () => {
                await toDay(choices, planned);
                location.assign('/plan/day/');
              }}
            >
              Put it on today’s roast day
            </Button>
          )}
          <Weather choices={choices} planned={planned} day={day} />
        </div>
        {!canStayAwake() && <p className="text-husk mt-3">{NOT_AWAKE}</p>}
        <Expected choices={choices} planned={planned} day={day} gear={gear} onGear={(id) => void chooseGear(id)} />
        <Suspense fallback={<p className="text-husk mt-8">…</p>}>
          <MoreOfThePlan choices={choices} planned={planned} choose={choose} />
        </Suspense>
      </section>
      <PlanCard choices={choices} planned={planned} />
      <Suspense fallback={null}>
        {asking !== undefined && (
          <StartQuestion
            planned={planned}
            onCancel={() => setAsking(undefined)}
            onSplit={() => {
              setAsking(undefined);
              choose({ amountKind: 'roasted', amountText: `${Math.round(batches?.roastedGrams ?? 0)} g` });
            }}
            onSure={() => void start(asking, true)}
          />
        )}
        {adding && (
          <AddDialogs
            adding={adding}
            onClose={() => setAdding(undefined)}
            onLot={(lotId) => choose({ lotId })}
            onGear={(gearId) => void chooseGear(gearId)}
          />
        )}
      </Suspense>
    </>
  );
}
