import { formatClock } from '@/core/units';
import type { LiveRoastModel } from '../useLiveRoast';

/** Longer words stand smaller on a phone, and what follows them has one line, so that the time behind them is read. */
const LONG = 26;

/** The stage in a word, what comes next and when. */
export function NextUp({ model }: { readonly model: LiveRoastModel }) {
  const { stage, head, inS, detail } = model.told.next;
  const isLong = head.length > LONG;
  return (
    <div className="heat-next min-w-0 self-stretch overflow-hidden leading-tight">
      <h1 className="font-heading truncate text-[1.35rem] leading-tight font-semibold roomy:text-4xl wide:text-5xl">
        {stage}
      </h1>
      <p className={`line-clamp-2 roomy:text-2xl ${isLong ? 'text-[0.88rem]' : 'text-[1.02rem]'}`}>
        {head} {inS !== undefined && <b className="num font-bold">{formatClock(inS)}</b>}
      </p>
      <p key={head} className={`line-clamp-1 text-[0.85rem] roomy:text-[1.05rem] ${isLong ? '' : 'heat-next-detail'}`}>
        {detail}
      </p>
    </div>
  );
}
