import { lazy, Suspense, useState } from 'react';
import type { Gear } from '@/core/gear';
import { issueSentence } from '@/core/issues';
import type { DayBatch, RoastDay } from '@/core/plan';
import type { Roast } from '@/core/roast';
import type { ShadeLiking } from '@/core/taste';
import type { GearRecords } from '@/store/gearRecords';
import type { LotStock, NotHad } from '@/store/larder';
import { Button } from '@/ui/Button';
import { canStayAwake, NOT_AWAKE } from '@/ui/canStayAwake';
import { useWords } from '@/ui/useHousehold';
import { isAskedAbout } from './isAskedAbout';
import type { PlanFrom } from './planFrom';
import { Sentence } from './Sentence';
import { Since } from './Since';
import { begin, toDay } from './start';
import { Understood } from './Understood';
import { useChoices } from './useChoices';
import { useGuide } from './useGuide';
import { usePlanned } from './usePlanned';

/** Loaded after the beans can go in, or when they are first wanted: an old tablet reads scripts slowly. */
const Ahead = lazy(() => import('./Ahead').then((module) => ({ default: module.Ahead })));
const FromLine = lazy(() => import('./FromLine').then((module) => ({ default: module.FromLine })));
const StartQuestion = lazy(() => import('./StartQuestion').then((module) => ({ default: module.StartQuestion })));
const AddDialogs = lazy(() => import('./AddDialogs').then((module) => ({ default: module.AddDialogs })));

interface PlanProps {
  readonly gear: readonly Gear[];
  readonly lots: readonly LotStock[];
  /** The day whose list, weather and preflight count: today, or past midnight the evening that goes on. */
  readonly day: RoastDay;
  readonly earlier: Roast | undefined;
  readonly batch: DayBatch | undefined;
  readonly from: PlanFrom | undefined;
  /** The gear that the address names. */
  readonly gearId: string | undefined;
  /** What the roasts on the gear that is wanted say, else on that of the last roast. */
  readonly records: GearRecords;
  /** The shade that was liked best of the beans. */
  readonly liked: ShadeLiking | undefined;
  /** What it asks for and cannot have. */
  readonly missing: NotHad;
}

/** What the plan asks for and cannot have, and where to get it back. */
function NotHadLines({ lot, gear }: NotHad) {
  const lines = [
    { missing: lot, its: 'Its beans are', instead: 'these are other beans', href: '/larder/', where: 'in the larder' },
    { missing: gear, its: 'Its gear is', instead: 'this is other gear', href: '/gear/', where: 'among your gear' },
  ];
  return lines.map(
    ({ missing, its, instead, href, where }) =>
      missing && (
        <p key={href} role="status" className="border-bill mb-5 border-l-4 pl-4 text-lg">
          {missing.name ? (
            <>
              <b>{missing.name}</b> is put away, so {instead}. Choose which, or take it out again{' '}
              <a className="underline underline-offset-4" href={href}>
                {where}
              </a>
              .
            </>
          ) : (
            `${its} not in the notebook any more, so ${instead}. Choose which.`
          )}
        </p>
      ),
  );
}

/** One roast planned: the sentence, what it will be like, and the way to the heat. */
export function Plan(props: PlanProps) {
  const { gear, lots, day, earlier, batch, from, missing } = props;
  const { weightUnit, measured } = useWords();
  const { choices, records, liked, choose, chooseLot, chooseRuleKind, chooseGear } = useChoices(
    gear,
    lots,
    weightUnit,
    props,
  );
  const planned = usePlanned(choices, gear, lots, records, day);
  const guide = useGuide(from, planned);
  const [adding, setAdding] = useState<'lot' | 'gear'>();
  const [trouble, setTrouble] = useState<React.ReactNode>();
  const [asking, setAsking] = useState<'charge' | 'preheat'>();
  if (!planned) return <p className="text-husk py-10">Looking at your roasts…</p>;
  const { amount, batches } = planned;

  // A day that is full says so; anything else is a fault.
  const told = (error: unknown) => {
    if (!(error instanceof RangeError)) throw error;
    setTrouble(error.message);
  };

  const start = async (how: 'charge' | 'preheat', sure = false) => {
    // The beans are in when the button is pressed, not when the database has answered.
    const nowMs = Date.now();
    if (!batches) return;
    if (!sure && isAskedAbout(planned)) return setAsking(how);
    setAsking(undefined);
    const started = await begin({ choices, planned, earlier, day, batch, from, guide, how, nowMs }).catch(told);
    if (!started) return;
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
        {from && (
          <Suspense fallback={<p className="mb-5">…</p>}>
            <FromLine from={from} gear={planned.gear} guide={guide} />
          </Suspense>
        )}
        <NotHadLines {...missing} />
        <Sentence
          choices={choices}
          planned={planned}
          gear={gear}
          lots={lots}
          choose={choose}
          onLot={(lotId) => void chooseLot(lotId)}
          onGear={(gearId) => void chooseGear(gearId)}
          onRuleKind={chooseRuleKind}
          onNew={setAdding}
        >
          <Since choices={choices} planned={planned} earlier={earlier} />
        </Sentence>
        <Understood choices={choices} planned={planned} liked={liked} onShade={(shade) => choose({ shade })} />
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
                if (await toDay(choices, planned, day).catch(told)) location.assign('/plan/day/');
              }}
            >
              Put it on today’s roast day
            </Button>
          )}
        </div>
        {!canStayAwake() && <p className="text-husk mt-3">{NOT_AWAKE}</p>}
      </section>
      <Suspense fallback={<p className="text-husk mt-3">…</p>}>
        <Ahead
          choices={choices}
          planned={planned}
          day={day}
          gear={gear}
          choose={choose}
          onGear={(id) => void chooseGear(id)}
        />
      </Suspense>
      <Suspense fallback={null}>
        {asking !== undefined && (
          <StartQuestion
            planned={planned}
            onCancel={() => setAsking(undefined)}
            onSplit={() => {
              setAsking(undefined);
              choose({ amountKind: 'roasted', amountText: measured(Math.round(batches?.roastedGrams ?? 0)) });
            }}
            onSure={() => void start(asking, true)}
          />
        )}
        {adding && (
          <AddDialogs
            adding={adding}
            onClose={() => setAdding(undefined)}
            onLot={(lotId) => void chooseLot(lotId)}
            onGear={(gearId) => void chooseGear(gearId)}
          />
        )}
      </Suspense>
    </>
  );
}
