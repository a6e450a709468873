import { useLiveQuery } from 'dexie-react-hooks';
import { lazy, Suspense, useMemo } from 'react';
import { liveEntries } from '@/core/roast';
import { database } from '@/store/current';
import type { NamedRoast } from '@/store/queries';
import { readingsOf } from '@/store/readings';
import { useWords } from '@/ui/useHousehold';
import { liveEndS } from './liveEndS';
import type { LiveRoastModel } from './useLiveRoast';

const Chart = lazy(() => import('@/ui/TemperatureChart').then((module) => ({ default: module.TemperatureChart })));

/** Fewer readings than this draw no curve. */
const ENOUGH = 3;
/** The chart is drawn anew this often; a roast is slow, and an old tablet too, seconds. */
const REDRAW_S = 3;

/** The temperature under the ribbon, where there are readings; with the roast that is being repeated as a guide. */
export function TemperatureCurve({ named, model }: { readonly named: NamedRoast; readonly model: LiveRoastModel }) {
  const { temperatureUnit } = useWords();
  const { follows } = named.roast;
  const earlier = useLiveQuery(async () => (follows ? await database().roasts.get(follows) : undefined), [follows]);
  const guide = useMemo(() => earlier && readingsOf(liveEntries(earlier.entries)), [earlier]);
  const toS = liveEndS(model);
  const step = Math.floor((model.readings.at(-1)?.at ?? 0) / REDRAW_S);
  // biome-ignore lint/correctness/useExhaustiveDependencies: redrawn in steps, not at every reading
  const readings = useMemo(() => model.readings, [step, model.readings.length < 60 ? model.readings.length : step]);
  if (model.readings.length < ENOUGH) return null;
  return (
    <section className="mt-4 overflow-hidden">
      <h2 className="text-husk font-text text-[0.95rem] font-normal">Temperature, on the ribbon’s clock</h2>
      <Suspense fallback={<p className="text-husk">Drawing the curve…</p>}>
        <Chart readings={readings} guide={guide} ownC={model.ownC} unit={temperatureUnit} fromS={0} toS={toS} />
      </Suspense>
    </section>
  );
}
