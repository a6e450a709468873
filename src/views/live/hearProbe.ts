import { parseProbeLine, probeSlug } from '@/core/exchange';
import type { Gear } from '@/core/gear';
import { clockBeganAt, type Roast } from '@/core/roast';
import { directProbes } from '@/probes';
import type { DirectProbe } from '@/probes/link';
import { chosenHousehold, clockSpeed, isPractice } from '@/store/current';
import { probeLink } from '@/store/probeLink';

export interface Ears {
  readonly onReading: (celsius: number, atMs: number) => void;
  readonly onOdd: () => void;
  readonly onLost: () => void;
  readonly onOpen: () => void;
}

/** Listens to a probe by the way that this device hears it. Gives the way to stop. */
export function hearProbe(roast: Roast, probe: NonNullable<Gear['probe']>, ears: Ears): () => void {
  const link = isPractice() ? 'server' : probeLink(roast.gearId);
  const isReal = link !== 'standIn' || chosenHousehold() === 'demo';
  const direct = isReal ? (directProbes as Partial<Record<string, DirectProbe>>)[link] : undefined;
  if (direct)
    return direct.listen({ ...ears, onReading: (celsius) => ears.onReading(celsius, Date.now()) }, probe.unit);
  // It connects again by itself.
  const source = new EventSource(streamAddress(roast, probe.name));
  source.onopen = ears.onOpen;
  source.onerror = ears.onLost;
  source.onmessage = (event) => {
    const line = parseProbeLine(String(event.data));
    if (line.ok) ears.onReading(line.value.celsius, line.value.atMs ?? Date.now());
    else ears.onOdd();
  };
  return () => source.close();
}

/** The stream of a probe; the simulated one is told when the beans went in, and how many. */
function streamAddress(roast: Roast, probeName: string): string {
  const slug = probeSlug(probeName);
  const charged = Date.parse(clockBeganAt(roast)) + roast.clockShiftMs;
  return `/api/probe/${slug}?charged=${charged}&grams=${roast.greenGrams}&speed=${clockSpeed()}`;
}
