import { useLiveQuery } from 'dexie-react-hooks';
import { elapsedS, type Milestone, milestoneNames, milestonesOfRoast, type Roast } from '@/core/roast';
import { capital, formatClock } from '@/core/units';
import { database } from '@/store/current';
import { type RoastUnderWay, roastsUnderWay } from '@/store/queries';
import { useNow } from './useNow';

/** On every page while something is on the heat: what it is, where it stands, and the way back to it. */
export function UnderWayBar() {
  const underWay = useLiveQuery(() => roastsUnderWay(database()), []) ?? [];
  const now = useNow(underWay.length > 0 ? 1000 : 0);
  return underWay.map(({ roast, lotName, gearName }: RoastUnderWay) => (
    <a
      key={roast.id}
      href={`/roast/live/?id=${encodeURIComponent(roast.id)}`}
      className="bg-ink text-chaff my-3 flex min-h-14 flex-wrap items-center gap-x-4 rounded-xl px-5 py-2"
    >
      <b>On the heat</b>
      <span>
        {lotName} in {gearName}
      </span>
      <span className="num">{sinceWords(roast, now)}</span>
      <b className="ml-auto underline underline-offset-4">Go on</b>
    </a>
  ));
}

/** “First crack was 1:12 ago”, or how long the beans have been in. */
function sinceWords(roast: Roast, nowMs: number): string {
  const elapsed = elapsedS(roast, nowMs);
  if (elapsed === undefined) return 'preheating';
  const [last] = (Object.entries(milestonesOfRoast(roast)) as [Milestone, number][]).sort(([, a], [, b]) => b - a);
  if (!last) return `beans in ${formatClock(elapsed)} ago`;
  const name = milestoneNames[last[0]];
  return `${capital(name)} was ${formatClock(Math.max(0, elapsed - last[1]))} ago`;
}
