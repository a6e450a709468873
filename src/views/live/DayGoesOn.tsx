import { useLiveQuery } from 'dexie-react-hooks';
import { coolsForS } from '@/core/gear';
import type { Roast } from '@/core/roast';
import { formatClock } from '@/core/units';
import { database } from '@/store/current';
import { dayAfter } from '@/store/days';
import { LinkButton } from '@/ui/Button';
import { useNow } from '@/ui/useNow';

/** After a roast of a roast day: the next batch with its gear cooling, or that the day is done; else any next batch. */
export function DayGoesOn({ roast }: { readonly roast: Roast }) {
  const day = useLiveQuery(async () => ({ after: await dayAfter(database(), roast) }), [roast.id]);
  const nowMs = useNow();
  if (!day) return null;
  const { after } = day;
  if (!after)
    return (
      <LinkButton href="/roast/" size="large">
        Next batch
      </LinkButton>
    );
  if (!after.next)
    return (
      <LinkButton href={`/plan/day/?date=${after.date}`} size="large">
        The day is done: what it came to
      </LinkButton>
    );
  const { batch, lot, gear } = after.next;
  const coolS =
    gear && after.lastPullMs !== undefined && !batch.hotStart ? coolsForS(gear, after.lastPullMs, nowMs) : 0;
  return (
    <div>
      <LinkButton href={`/plan/?batch=${encodeURIComponent(batch.id)}`} size="large">
        Next: {lot?.name ?? 'beans'} in the {gear?.nickname ?? 'gear'}
      </LinkButton>
      <p className="text-husk mt-2" role="status">
        {coolS > 0 ? (
          <>
            The {gear?.nickname} is cool in <b className="num text-ink">{formatClock(coolS)}</b>.
          </>
        ) : (
          `The ${gear?.nickname ?? 'gear'} is ready.`
        )}{' '}
        {after.left === 1 ? 'It is the last of the day.' : `${after.left} batches to go today.`}
      </p>
    </div>
  );
}
