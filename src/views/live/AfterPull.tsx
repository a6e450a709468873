import { lazy, Suspense } from 'react';
import type { NamedRoast } from '@/store/queries';
import { LinkButton } from '@/ui/Button';
import type { LiveRoastModel } from './useLiveRoast';

/** Not needed until the beans are out, so it is not loaded while they are in. */
const Facts = lazy(() => import('@/ui/facts/RoastFacts').then((module) => ({ default: module.RoastFacts })));

const DayGoesOn = lazy(() => import('./DayGoesOn').then((module) => ({ default: module.DayGoesOn })));

interface AfterPullProps {
  readonly named: NamedRoast;
  readonly model: LiveRoastModel;
}

/** Cooling, then what is known once the beans are out. All of it can wait for the roast's page. */
export function AfterPull({ named, model }: AfterPullProps) {
  const page = `/journal/roast/?id=${encodeURIComponent(named.roast.id)}`;
  return (
    <div className="grid gap-x-9 gap-y-6 lg:grid-cols-[560fr_612fr]">
      <div className="space-y-4">
        {model.situation.reached.cooled === undefined && (
          <button
            type="button"
            className="bg-bill text-on-bill flex h-32 w-full items-end rounded-3xl p-7 active:brightness-90"
            onClick={() => void model.deeds.log({ kind: 'mark', milestone: 'cooled' })}
          >
            <span className="font-heading mr-auto text-5xl font-semibold">Hand-warm</span>
            <span className="hidden lg:inline">Space</span>
          </button>
        )}
        <div className="flex flex-wrap gap-3">
          <LinkButton
            href={page}
            variant={model.situation.reached.cooled === undefined ? 'plain' : 'next'}
            size="large"
          >
            Done: to its page
          </LinkButton>
          <Suspense fallback={null}>
            <DayGoesOn roast={named.roast} />
          </Suspense>
        </div>
        <p className="text-husk">
          Fan under a colander, or two trays in turn; a deep heap, still air or a hot tray slow it. Chaff off, then
          weigh. Heat off and nothing left in the gear?
        </p>
      </div>
      <div className="border-ink border-t-2 pt-3">
        <Suspense fallback={<p className="text-husk">…</p>}>
          <Facts roast={named.roast} />
        </Suspense>
      </div>
    </div>
  );
}
