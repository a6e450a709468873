import { useEffect, useState } from 'react';
import { methodOf } from '@/core/gear';
import type { Entry } from '@/core/roast';
import { ribbonOf } from '@/core/roast';
import { formatClock } from '@/core/units';
import { Ribbon } from '@/ui/ribbon/Ribbon';
import { useWidth } from '@/ui/useWidth';

/** A popper's usual roast, with what is told at each moment. */
const { yellow, firstCrack, pull } = methodOf('hotAirPopper');
const PULL_S = pull.medianS;
const told = [
  { at: 0, name: 'Beans in', words: 'Gander keeps the time.' },
  { at: yellow.medianS, name: 'Yellow', words: 'One press, with gloves on. The forecast follows.' },
  { at: firstCrack.medianS, name: 'First crack', words: 'Tap along with the pops, and it marks them.' },
  { at: PULL_S, name: 'Pull', words: 'You are told in time, and how dark it will be.' },
] as const;
/** Pops around first crack, seconds from it. */
const pops = [-12, -4, 1, 5, 8, 12, 15, 17, 20, 23, 25, 28, 32, 35, 39, 44, 50, 57, 69].map(
  (s) => firstCrack.medianS + s,
);

const entries = [
  { kind: 'mark', milestone: 'yellow', at: yellow.medianS },
  ...pops.map((at) => ({ kind: 'crack', crack: 'first', at })),
  { kind: 'mark', milestone: 'firstCrack', at: firstCrack.medianS },
  { kind: 'pull', all: true, shade: 4, at: PULL_S },
]
  .sort((a, b) => a.at - b.at)
  .map((entry, i) => ({ ...entry, id: `entry:shown${i}`, pressedAt: entry.at, source: 'hand' }) as unknown as Entry);

/** The whole roast grows in so many seconds, a frame each tenth. */
const GROWS_S = 9;
const FRAME_MS = 100;

/** One roast in ten seconds: the ribbon grows, the marks fall, a sentence at each. With less motion it is there at once. */
export function GrowingRibbon() {
  const { ref, width } = useWidth();
  const [nowS, setNowS] = useState(() => (matchMedia('(prefers-reduced-motion: reduce)').matches ? PULL_S : 0));
  const grown = nowS >= PULL_S;
  useEffect(() => {
    if (grown) return;
    const timer = setInterval(
      () => setNowS((now) => Math.min(PULL_S, now + (PULL_S / GROWS_S) * (FRAME_MS / 1000))),
      FRAME_MS,
    );
    return () => clearInterval(timer);
  }, [grown]);
  const ribbon = ribbonOf({ entries: entries.filter(({ at }) => at <= nowS), wantedShade: 4 }, nowS, {
    yellow: yellow.medianS,
    firstCrack: firstCrack.medianS,
    pull: PULL_S,
  });
  return (
    <div className="mt-6">
      <div ref={ref}>
        <Ribbon ribbon={ribbon} width={width} bodyHeight={56} fromS={0} toS={PULL_S + 12} />
      </div>
      <ol className="mt-2 grid grid-cols-2 gap-x-6 gap-y-2 sm:grid-cols-4">
        {told.map(({ at, name, words }) => (
          <li key={name} className={`border-ink border-t-2 pt-2 ${nowS >= at ? '' : 'invisible'}`}>
            <b className="font-heading block text-lg">
              {name} <span className="num text-husk text-base font-normal">{formatClock(at)}</span>
            </b>
            {words}
          </li>
        ))}
      </ol>
    </div>
  );
}
