import { useState } from 'react';
import { type Milestone, milestoneNames } from '@/core/roast';
import { formatClock } from '@/core/units';
import { thisVisit } from '@/store/small';
import type { LiveRoastModel } from '../useLiveRoast';

/** What the great clock shows; a press goes on to the next. */
const faces = ['whole', 'last', 'left'] as const;
type Face = (typeof faces)[number];
/** On users' disks: never change it alone. */
const KEY = 'gander.clockFace';

/** The clock, to be read at three metres. Once it cracks, the time since then stands beside it: people pull by that. */
export function ClockFace({ model }: { readonly model: LiveRoastModel }) {
  const [face, setFace] = useState<Face>(() => faces.find((each) => each === thisVisit.get(KEY)) ?? 'whole');
  const { situation } = model;
  const running = situation.charged && situation.reached.pull === undefined;
  const main = running ? mainClock(model, face) : restClock(model);
  const since = running && face !== 'last' ? sinceCrack(model) : undefined;
  const go = () => {
    const next = faces[(faces.indexOf(face) + 1) % faces.length] ?? 'whole';
    thisVisit.set(KEY, next);
    setFace(next);
  };
  return (
    <button
      type="button"
      disabled={!running}
      onClick={go}
      aria-label={`${main.label}: ${formatClock(main.seconds)}${running ? '. Press to show another time' : ''}`}
      className="heat-clock-face flex h-full w-full min-w-0 items-center overflow-hidden text-left"
    >
      {since && (
        <span className="max-w-full">
          <span className="num heat-clock-since block leading-[0.95] font-bold tracking-[-0.05em]">
            {formatClock(since.seconds)}
          </span>
          <span className="heat-clock-line wide:hidden block text-[0.85rem] leading-tight">
            <b>{since.label}</b> ·{' '}
            <span className="whitespace-nowrap">
              <b className="num text-[1rem]">{formatClock(main.seconds)}</b> {main.short}
            </span>
          </span>
          <b className="slim:hidden block truncate leading-tight">{since.label}</b>
        </span>
      )}
      <span className={since ? 'slim:sr-only' : 'max-w-full'}>
        <span
          role="timer"
          aria-label={main.label}
          className={`num block leading-[0.95] font-bold tracking-[-0.05em] ${since ? 'heat-clock-beside' : clockSize(formatClock(main.seconds))}`}
        >
          {formatClock(main.seconds)}
        </span>
        <span className="roomy:text-base block truncate text-[0.85rem] leading-tight">{main.label}</span>
      </span>
    </button>
  );
}

/** The more digits, the smaller, so that none is cut off. */
function clockSize(text: string): string {
  if (text.length > 5) return 'heat-clock-hours';
  return text.length > 4 ? 'heat-clock-long' : 'heat-clock-alone';
}

interface Shown {
  readonly label: string;
  /** The same beside another time. */
  readonly short?: string;
  readonly seconds: number;
}

function mainClock({ situation }: LiveRoastModel, face: Face): Shown {
  const whole = { label: 'since beans in', seconds: Math.max(0, situation.nowS) };
  if (face === 'last') {
    const [last] = (Object.entries(situation.reached) as [Milestone, number][]).sort(([, a], [, b]) => b - a);
    return last ? { label: `since ${milestoneNames[last[0]]}`, seconds: Math.max(0, situation.nowS - last[1]) } : whole;
  }
  const [next] = situation.pulls;
  if (face === 'left' && next)
    return next.dueS >= situation.nowS
      ? {
          label: next.last ? 'until the pull, about' : 'until the next part, about',
          short: 'to go',
          seconds: next.dueS - situation.nowS,
        }
      : { label: 'past the pull', short: 'past the pull', seconds: situation.nowS - next.dueS };
  return whole;
}

/** Before the charge the preheat is counted, after the pull the cooling. */
function restClock({ situation }: LiveRoastModel): Shown {
  const { pull, cooled } = situation.reached;
  if (pull === undefined) return { label: 'heating up', seconds: Math.max(0, situation.nowS) };
  return { label: 'since the pull', seconds: Math.max(0, (cooled ?? situation.nowS) - pull) };
}

function sinceCrack({ situation: { heard, nowS } }: LiveRoastModel): Shown | undefined {
  if (heard.secondCrack !== undefined)
    return { label: 'in second crack', seconds: Math.max(0, nowS - heard.secondCrack) };
  return heard.firstCrack === undefined
    ? undefined
    : { label: 'since first crack', seconds: Math.max(0, nowS - heard.firstCrack) };
}
