import { formatClock } from '@/core/units';
import type { LiveRoastModel } from '../useLiveRoast';

/** Beside the clock of a phone: longer words take two lines, and what follows them has one; still longer ones stand smaller. */
const ONE_LINE = 14;
const TWO_LINES = 26;

/** The stage in a word, what comes next and when. */
export function NextUp({ model }: { readonly model: LiveRoastModel }) {
  const { stage, head, inS, detail } = model.told.next;
  return (
    <div className="heat-next min-w-0 self-stretch overflow-hidden leading-tight">
      <h1 className="font-heading truncate text-[1.35rem] leading-tight font-semibold roomy:text-4xl wide:text-5xl shallow:text-3xl">
        {stage}
      </h1>
      <p className={`line-clamp-2 roomy:text-2xl ${head.length > TWO_LINES ? 'text-[0.88rem]' : 'text-[1.02rem]'}`}>
        {head} {inS !== undefined && <b className="num font-bold">{formatClock(inS)}</b>}
      </p>
      <p
        key={head}
        className={`line-clamp-1 text-[0.85rem] roomy:text-[1.05rem] ${head.length > ONE_LINE ? '' : 'heat-next-detail'}`}
      >
        {detail}
      </p>
    </div>
  );
}
