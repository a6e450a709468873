import type { ReactNode } from 'react';
import { ruleWords } from '@/core/plan';
import { type Milestone, milestoneNames, type Roast, stageNames, toneAt } from '@/core/roast';
import { fieldColour } from '@/core/shade';
import { formatClock } from '@/core/units';
import { entryWords } from '@/ui/entryWords';
import { useWords } from '@/ui/useHousehold';
import { useNow } from '@/ui/useNow';
import { Emergency } from './Emergency';
import type { LiveRoastModel } from './useLiveRoast';

interface HeatFieldProps {
  readonly roast: Roast;
  readonly lotName: string;
  readonly gearName: string;
  readonly model: LiveRoastModel;
  readonly onUndo: () => void;
  readonly onEarlier: () => void;
  readonly children: ReactNode;
}

/** The field in the colour of the beans: the clock, the stage, what comes next; the ribbon lies across its lower edge. */
export function HeatField({ roast, lotName, gearName, model, onUndo, onEarlier, children }: HeatFieldProps) {
  const words = useWords();
  const night = document.documentElement.dataset.theme === 'night';
  const { ground, text } = fieldColour(toneAt(model.ribbon.body, model.nowS), night);
  const corner =
    'min-h-16 min-w-16 shrink-0 rounded-xl border-2 border-current px-3 font-bold whitespace-nowrap sm:px-4';
  const canUndo = model.undoable !== undefined || model.underWay;
  const canBackdate = model.live.length > 0 && model.underWay;
  return (
    <header style={{ background: ground, color: text }} className="transition-colors duration-300">
      <div className="mx-auto max-w-[1352px] px-[18px] pt-3 sm:px-9">
        <div className="flex items-start gap-3">
          <p className="mr-auto pt-1 leading-tight sm:text-lg">
            <b className="font-heading">{lotName}</b>{' '}
            <span className="block text-[0.95rem] sm:inline sm:text-lg">
              {words.weight(roast.greenGrams)} in {gearName} · for {words.shade(roast.wantedShade)}
            </span>
          </p>
          <Emergency />
          {canBackdate && (
            <button
              type="button"
              className={corner}
              onClick={onEarlier}
              title="The last press happened 5 seconds earlier (B)"
            >
              −5 s
            </button>
          )}
          <button type="button" className={`${corner} disabled:opacity-0`} disabled={!canUndo} onClick={onUndo}>
            {model.undoable ? (
              <>
                Undo <span className="max-sm:sr-only">{entryWords(model.undoable, words)}</span>
              </>
            ) : (
              'Take it back'
            )}
          </button>
        </div>
        <div className="flex flex-wrap items-center gap-x-10 max-lg:mt-1 lg:flex-nowrap">
          <Clock model={model} roast={roast} />
          <div className="pb-4 lg:ml-auto lg:text-right">
            <h1 className="font-heading text-3xl font-semibold sm:text-5xl lg:text-6xl">{stageNames[model.stage]}</h1>
            <NextWords model={model} rule={roast.pullRule} />
          </div>
        </div>
        {children}
      </div>
    </header>
  );
}

function Clock({ model, roast }: { readonly model: LiveRoastModel; readonly roast: Roast }) {
  const now = useNow(!model.charged);
  const { pull } = model.reached;
  // Preheating counts from its own start; after the pull the cooling counts from there.
  const preheatS = (now - Date.parse(roast.preheatedAt ?? roast.createdAt)) / 1000;
  const shown = model.charged
    ? pull === undefined
      ? model.nowS
      : (model.reached.cooled ?? model.nowS) - pull
    : preheatS;
  const text = formatClock(Math.max(0, shown));
  const size = text.length > 5 ? 'text-[min(19vw,130px)]' : 'text-[min(28vw,200px)]';
  return (
    <p
      role="timer"
      aria-label={pull === undefined ? 'Time since the beans went in' : 'Time since the pull'}
      className={`num ${size} -ml-[0.06em] leading-[1.06] font-bold tracking-[-0.04em]`}
    >
      {text}
    </p>
  );
}

function NextWords({ model, rule }: { readonly model: LiveRoastModel; readonly rule: Roast['pullRule'] }) {
  const words = useWords();
  const { next, nowS, reached } = model;
  if (!model.charged) return <p className="text-2xl">Press Beans in as you charge.</p>;
  if (reached.pull !== undefined)
    return (
      <p className="text-2xl">
        {reached.cooled === undefined ? 'Aim for hand-warm within 4:00.' : `Pulled at ${formatClock(reached.pull)}.`}
      </p>
    );
  const forecast = model.forecasts.find(({ milestone }) => milestone === next);
  const since = lastReached(model);
  if (!forecast) return null;
  // A rule that counts from a mark leaves no range; then the rule itself is said.
  const sure = forecast.lateS - forecast.earlyS < 3;
  const ruleSaid = rule ? ruleWords(rule, words.degrees) : 'by the shade';
  const left = forecast.medianS - nowS;
  const name = milestoneNames[forecast.milestone];
  const title = `${name[0]?.toUpperCase()}${name.slice(1)}`;
  return (
    <>
      <p className="text-[1.35rem] sm:text-[1.7rem]">
        {left < 4 ? (
          `${title} any moment`
        ) : (
          <>
            {title} in about <b className="num font-bold">{formatClock(left)}</b>
          </>
        )}
      </p>
      <p className="mt-1 sm:text-lg">
        {left >= 4 &&
          (sure
            ? ruleSaid
            : `between ${formatClock(forecast.earlyS - nowS)} and ${formatClock(forecast.lateS - nowS)}`)}
        {since && `${left >= 4 ? ' · ' : ''}${since} ago`}
      </p>
    </>
  );
}

function lastReached({ reached, nowS }: LiveRoastModel): string | undefined {
  const [last] = (Object.entries(reached) as [Milestone, number][]).sort(([, a], [, b]) => b - a);
  return last && `${milestoneNames[last[0]]} ${formatClock(Math.max(0, nowS - last[1]))}`;
}
