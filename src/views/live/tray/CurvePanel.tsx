import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { readingsOf } from '@/core/heat';
import { liveEntries } from '@/core/roast';
import { database } from '@/store/current';
import { TemperatureChart } from '@/ui/TemperatureChart';
import { useWords } from '@/ui/useHousehold';
import { liveEndS } from '../liveEndS';
import type { LiveRoastModel } from '../useLiveRoast';

/** The chart is drawn anew this often; a roast is slow, and an old tablet too, seconds. */
const REDRAW_S = 3;
const MANY = 60;

/** The temperature on the ribbon's clock, with the roast that is being repeated as a guide. Loaded when it is looked at. */
export function CurvePanel({ model, height }: { readonly model: LiveRoastModel; readonly height: number }) {
  const { temperatureUnit } = useWords();
  const { follows } = model.roast;
  const earlier = useLiveQuery(async () => (follows ? await database().roasts.get(follows) : undefined), [follows]);
  const guide = useMemo(() => earlier && readingsOf(liveEntries(earlier.entries)), [earlier]);
  const all = model.situation.readings;
  const step = Math.floor((all.at(-1)?.at ?? 0) / REDRAW_S);
  // biome-ignore lint/correctness/useExhaustiveDependencies: redrawn in steps, not at every reading
  const readings = useMemo(() => all, [all.length < MANY ? all.length : step]);
  if (readings.length === 0) return <p className="text-husk p-4">No reading yet: the curve begins with the first.</p>;
  return (
    <TemperatureChart
      readings={readings}
      guide={guide}
      ownC={model.known.ownC}
      unit={temperatureUnit}
      fromS={0}
      toS={liveEndS(model)}
      height={height}
    />
  );
}
