import { useHousehold } from '@/ui/useHousehold';
import type { LiveRoastModel } from './useLiveRoast';
import type { ProbeState } from './useProbe';

/** Whether a typed reading is due: somebody has begun to type them, and no probe speaks. */
export function useReadingDue({ situation, underWay }: LiveRoastModel, probe: ProbeState): boolean {
  const { readingEveryS } = useHousehold();
  const last = situation.readings.at(-1);
  if (!underWay || !last || last.streamed || probe.kind === 'listening' || readingEveryS === 0) return false;
  return situation.nowS - last.at >= readingEveryS;
}
