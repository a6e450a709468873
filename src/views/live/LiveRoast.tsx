import './heat.css';
import { lazy, Suspense, useCallback, useEffect, useRef, useState } from 'react';
import { steppedValue } from '@/core/gear';
import type { Deed, Telling } from '@/core/heat';
import { smells, toneAt } from '@/core/roast';
import { fieldColour, namedColours } from '@/core/shade';
import type { BeansNow } from '@/core/simulate';
import { database, isPractice } from '@/store/current';
import { listensTo, setListensTo } from '@/store/listens';
import { notify } from '@/store/notices';
import type { NamedRoast } from '@/store/queries';
import { removeRoast } from '@/store/roasting';
import { NOT_AWAKE } from '@/ui/canStayAwake';
import { useHousehold, useWords } from '@/ui/useHousehold';
import { useLeaveWarning } from '@/ui/useLeaveWarning';
import { LiveRibbon } from './LiveRibbon';
import { MarksPanel } from './tray/MarksPanel';
import { MorePanel } from './tray/MorePanel';
import { MovesPanel } from './tray/MovesPanel';
import { hasReadingNow, ReadingNow } from './tray/ReadingNow';
import { ReadingPanel } from './tray/ReadingPanel';
import { CurvePanel, Tray, type TrayTab } from './tray/Tray';
import { useAwake } from './useAtTheHeat';
import { useCues } from './useCues';
import { useLiveRoast } from './useLiveRoast';
import { useProbe } from './useProbe';
import { useReadingDue } from './useReadingDue';
import { useRoastClock } from './useRoastClock';
import { useRoastKeys } from './useRoastKeys';
import { useRoom } from './useRoom';
import { useScreenTells } from './useScreenTells';
import { useTapping } from './useTapping';
import { ClockFace } from './zones/ClockFace';
import { Greats } from './zones/Greats';
import { NextUp } from './zones/NextUp';
import { Answers, ToldLine } from './zones/Told';
import { TopBar } from './zones/TopBar';

/** Loaded on practice pages only. */
const SimulatedRoast = lazy(() => import('./SimulatedRoast').then((module) => ({ default: module.SimulatedRoast })));
const Beans = lazy(() => import('./Beans').then((module) => ({ default: module.Beans })));

/** Loaded when they are first wanted. */
const AfterPull = lazy(() => import('./AfterPull').then((module) => ({ default: module.AfterPull })));
const KeysHelp = lazy(() => import('./KeysHelp').then((module) => ({ default: module.KeysHelp })));
const ColourPanel = lazy(() => import('./tray/ColourPanel').then((module) => ({ default: module.ColourPanel })));
const SmellPanel = lazy(() => import('./tray/SmellPanel').then((module) => ({ default: module.SmellPanel })));
const Listening = lazy(() => import('./listening/Listening').then((module) => ({ default: module.Listening })));
const Overnight = lazy(() => import('./Overnight').then((module) => ({ default: module.Overnight })));

/** A second undo within this time takes a roast back that has readings. */
const REMOVE_MS = 6000;
/** A second press within this time pulls; one alone does not. */
const CONFIRM_MS = 2500;
const OVERNIGHT_S = 7200;

/** The roast screen of one roast, from the preheat to the weighed batch. */
// biome-ignore lint/complexity/noExcessiveLinesPerFunction: the screen is put together here, of parts with files of their own
export function LiveRoast(named: NamedRoast) {
  const { temperatureUnit } = useWords();
  const { cueText, takesCracks } = useHousehold();
  const { roomy, low } = useRoom();
  const practice = isPractice();
  const probe = useProbe(named.roast, practice ? undefined : named.gear?.probe);
  const [lacks, setLacks] = useState<readonly string[]>([]);
  const clock = useRoastClock(named.roast);
  const [listening, setListening] = useState(() => listensTo(named.roast, named.gear));
  const [heard, setHeard] = useState<readonly Telling[]>([]);
  const screen = useScreenTells(named.roast, named.gear?.method ?? 'other', clock, probe, lacks, heard);
  const model = useLiveRoast(named, clock, screen);
  const { roast, situation, told, drawn, pressable, deeds, underWay } = model;
  const { log } = deeds;
  const [helpOpen, setHelpOpen] = useState(false);
  const [pullArmed, setPullArmed] = useState(false);
  const armedAt = useRef(Number.NEGATIVE_INFINITY);
  const askedToRemove = useRef(Number.NEGATIVE_INFINITY);
  const [tab, setTab] = useState<TrayTab>();
  const [asked, setAsked] = useState({ reading: 0, note: 0 });
  const [beans, setBeans] = useState<BeansNow>();
  const silent = useCues(told.tellings);
  const awake = useAwake(underWay);
  useLeaveWarning(underWay && !practice);
  const readingDue = useReadingDue(model, probe);
  useEffect(() => setLacks([...(silent ? [NO_SOUND] : []), ...(awake ? [] : [NOT_AWAKE])]), [silent, awake]);

  const pull = () => {
    if (situation.charged && underWay) void deeds.pull(undefined);
  };
  const pressNext = () => {
    if (!situation.charged) return void deeds.charge();
    const { milestone } = pressable;
    if (!milestone) return;
    if (milestone !== 'pull') return void log({ kind: 'mark', milestone });
    const now = performance.now();
    if (now - armedAt.current < CONFIRM_MS) {
      // A third press is the first of the next two.
      armedAt.current = Number.NEGATIVE_INFINITY;
      return void deeds.pull(pressable.part);
    }
    armedAt.current = now;
    setPullArmed(true);
    setTimeout(() => setPullArmed(false), CONFIRM_MS);
  };
  const remove = async () => {
    const change = await removeRoast(database(), roast.id);
    notify({ text: 'The roast was taken back.', undo: change });
    location.assign(practice ? '/practice/' : '/roast/');
  };
  const undo = async () => {
    if (pressable.undoable) return void deeds.undo();
    // A probe has said something already: the roast goes only when it is meant.
    if (situation.live.length === 0 || Date.now() - askedToRemove.current < REMOVE_MS) return remove();
    askedToRemove.current = Date.now();
    notify({ text: 'Nothing of yours is left to undo. Undo once more takes the whole roast back, with its readings.' });
  };
  const earlier = () => void deeds.earlier(pressable.late);
  const answer = (telling: Telling, deed: Deed) => {
    void deeds.answer(telling, deed);
    if (deed.kind !== 'screen') return;
    if (deed.does === 'readAsFahrenheit') probe.readAsFahrenheit();
    if (deed.does === 'clockIsRight') screen.clockIsRight();
    if (deed.does === 'followClock') void screen.followClock();
    if (deed.does === 'countOn') void screen.countOn();
    if (deed.does === 'minuteMore') void screen.minuteMore();
  };
  useTakesCracks(takesCracks, told.tellings, answer);
  const [tapping, setTapping] = useTapping(deeds.tapCrack);
  useRoastKeys({
    next: pressNext,
    pull,
    undo: () => void undo(),
    earlier,
    pop: () => situation.charged && void deeds.tapCrack(),
    reading: () => {
      setTab('reading');
      setAsked((before) => ({ ...before, reading: before.reading + 1 }));
    },
    note: () => {
      setTab('more');
      setAsked((before) => ({ ...before, note: before.note + 1 }));
    },
    help: () => setHelpOpen(true),
    smell: (index) => smells[index] && situation.charged && void log({ kind: 'smell', smell: smells[index] }),
    colour: (index) =>
      namedColours[index] && situation.charged && void log({ kind: 'colour', tone: namedColours[index].tone }),
    step: (axis, by) => {
      const found = pressable.controls.find(({ control }) => 'axis' in control && control.axis === axis);
      const value = found && steppedValue(found.control, found.value, by);
      if (!found || value === undefined || value === found.value) return;
      void log({ kind: 'move', control: found.control.id, value });
    },
  });

  const listen = (on: boolean) => {
    setListening(on);
    setListensTo(roast, on);
  };
  const night = document.documentElement.dataset.theme === 'night';
  const { ground, text } = fieldColour(toneAt(drawn.ribbon.body, situation.charged ? situation.nowS : 0), night);
  const [first] = told.tellings;
  // Who wants no words on the screen still gets what is dangerous and what is asked.
  const telling = first && (cueText || first.level === 'danger' || first.answers) ? first : undefined;
  const whole = !telling?.answers && !hasReadingNow(model, probe);
  const tabs = tabsFor(roomy, practice);
  const begin: TrayTab = roomy && !practice && !named.gear?.probe ? 'smell' : (tabs[0] as TrayTab);
  const shown = tab && tabs.includes(tab) ? tab : begin;
  const simulated = practice && (
    <Suspense fallback={null}>
      <SimulatedRoast named={named} model={model} onBeans={setBeans} />
    </Suspense>
  );
  const onMove = useCallback(
    (control: string, value?: string | number) => void log({ kind: 'move', control, value }),
    [log],
  );
  const moves = (most: number) => <MovesPanel controls={pressable.controls} most={most} onMove={onMove} />;
  const panels = {
    beans: () => (beans ? <Beans beans={beans} height={124} /> : null),
    marks: () => <MarksPanel model={model} row={false} />,
    moves: () => moves(4),
    reading: () =>
      probe.kind === 'listening' && !roomy && asked.reading === 0 ? (
        <CurvePanel model={model} height={low ? 128 : 196} />
      ) : (
        <ReadingPanel
          unit={named.gear?.probe?.unit ?? temperatureUnit}
          asked={asked.reading}
          nowS={deeds.pressedS}
          short={low && !roomy}
          onReading={(celsius, atS) => void log({ kind: 'reading', celsius }, atS)}
        />
      ),
    curve: () => <CurvePanel model={model} height={130} />,
    smell: () => <SmellPanel live={situation.live} log={log} />,
    colour: () => <ColourPanel model={model} />,
    more: () => (
      <MorePanel
        model={model}
        asked={asked.note}
        tapping={tapping}
        onTapping={setTapping}
        listening={listening}
        onListening={listen}
        onHelp={() => setHelpOpen(true)}
      />
    ),
  } as const satisfies Record<TrayTab, () => React.ReactNode>;

  const field = (
    <section className="heat-field" style={{ background: ground, color: text }}>
      <TopBar {...named} model={model} onUndo={() => void undo()} onEarlier={earlier} />
      <div className="heat-clock flex items-center justify-between gap-3">
        <ClockFace model={model} />
        <NextUp model={model} />
      </div>
      <ToldLine telling={telling} hint={told.next.hint} whole={whole} />
      {!whole && (
        <Answers telling={telling} onAnswer={answer}>
          <ReadingNow model={model} probe={probe} />
        </Answers>
      )}
      <LiveRibbon model={model} />
      {listening && underWay && (
        <Suspense fallback={null}>
          <Listening model={model} onTells={setHeard} />
        </Suspense>
      )}
    </section>
  );
  return (
    <main>
      {underWay ? (
        <div className="heat">
          {field}
          <section className="heat-hands" aria-label="What is pressed">
            <Greats model={model} armed={pullArmed} onNext={pressNext} onPull={pull} />
            {roomy && (
              <>
                <div className="heat-roomy-marks">
                  <MarksPanel model={model} row />
                </div>
                <div className="heat-roomy-moves">{moves(3)}</div>
              </>
            )}
            <Tray tabs={tabs} chosen={shown} onChoose={setTab} due={readingDue ? 'reading' : undefined}>
              <Suspense fallback={null}>{panels[shown]()}</Suspense>
            </Tray>
          </section>
          {simulated}
        </div>
      ) : (
        <>
          <div className="heat heat-over">{field}</div>
          <div className="mx-auto w-full max-w-[1352px] px-[18px] pt-4 pb-6 sm:px-9">
            {simulated || (
              <Suspense fallback={null}>
                <AfterPull named={{ ...named, roast }} model={model} />
              </Suspense>
            )}
          </div>
        </>
      )}
      <Suspense fallback={null}>
        {helpOpen && <KeysHelp open onClose={() => setHelpOpen(false)} />}
        {underWay && situation.charged && situation.nowS > OVERNIGHT_S && (
          <Overnight model={model} onPulled={(atS) => void deeds.pull(undefined, atS)} onDelete={() => void remove()} />
        )}
      </Suspense>
    </main>
  );
}

const NO_SOUND = 'The browser gives no sound yet: touch the screen once, or go by the words.';

function tabsFor(roomy: boolean, practice: boolean): readonly TrayTab[] {
  const own: readonly TrayTab[] = roomy
    ? ['reading', 'curve', 'smell', 'colour', 'more']
    : ['marks', 'moves', 'reading', 'smell', 'colour', 'more'];
  return practice ? ['beans', ...own.filter((tab) => roomy || tab !== 'smell')] : own;
}

/** Where the household wants it so, what taps or the microphone speak for is marked without asking. */
function useTakesCracks(
  takes: boolean,
  tellings: readonly Telling[],
  answer: (telling: Telling, deed: Deed) => void,
): void {
  const proposal = takes ? tellings.find(({ key }) => /^(taps|heard):/.test(key)) : undefined;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for each proposal
  useEffect(() => {
    const [take] = proposal?.answers ?? [];
    if (proposal && take) answer(proposal, take.does);
  }, [proposal?.text]);
}
