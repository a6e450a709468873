import { lazy, Suspense, useCallback, useRef, useState } from 'react';
import { steppedValue } from '@/core/gear';
import { smells } from '@/core/roast';
import { namedColours, shadeOf } from '@/core/shade';
import { database, isPractice } from '@/store/current';
import { say } from '@/store/notices';
import type { NamedRoast } from '@/store/queries';
import { removeRoast } from '@/store/roasting';
import { AfterPull } from './AfterPull';
import { Asks } from './Asks';
import { ClockNotice } from './ClockNotice';
import { CueBar } from './CueBar';
import { HeatField } from './HeatField';
import { KeysHelp } from './KeysHelp';
import { LiveRibbon } from './LiveRibbon';
import { MarkControls } from './MarkControls';
import { MoreSenses } from './MoreSenses';
import { Moves } from './Moves';
import { NoteLine } from './NoteLine';
import { PlannedMovesDue } from './PlannedMovesDue';
import { Questions } from './Questions';
import { ReadingPad } from './ReadingPad';
import { ReadingRow } from './ReadingRow';
import { Senses } from './Senses';
import { TapPad } from './TapPad';
import { TemperatureCurve } from './TemperatureCurve';
import { useLeaveWarning, useWakeLock } from './useAtTheHeat';
import { useCues } from './useCues';
import { type LiveRoastModel, useLiveRoast } from './useLiveRoast';
import { useProbe } from './useProbe';
import { useRoastKeys } from './useRoastKeys';

/** Loaded on practice pages only. */
const SimulatedRoast = lazy(() => import('./SimulatedRoast').then((module) => ({ default: module.SimulatedRoast })));

/** Loaded for roasts by a recipe only. */
const PaceLine = lazy(() => import('./PaceLine').then((module) => ({ default: module.PaceLine })));

/** A second press within this time pulls; one alone does not. */
const CONFIRM_MS = 2500;

/** The roast screen of one roast, from the preheat to the weighed batch. */
export function LiveRoast(named: NamedRoast) {
  const { roast } = named;
  const model = useLiveRoast(named);
  const [helpOpen, setHelpOpen] = useState(false);
  const [noteOpen, setNoteOpen] = useState(false);
  const [padAtS, setPadAtS] = useState<number>();
  const [pullArmed, setPullArmed] = useState(false);
  const armedAt = useRef(Number.NEGATIVE_INFINITY);
  const { log, next, controls } = model;
  const probe = useProbe(roast, isPractice() ? undefined : named.gear?.probe?.name, model.underWay && model.charged);
  const silent = useCues(model.cues);
  useWakeLock(model.underWay);
  useLeaveWarning(model.underWay && !isPractice());

  const pull = () => {
    if (model.charged && model.underWay) void log({ kind: 'pull', all: true });
  };
  const pressNext = () => {
    if (!model.charged) return void model.charge();
    if (!next) return;
    if (next !== 'pull') return void log({ kind: 'mark', milestone: next });
    const now = performance.now();
    if (now - armedAt.current < CONFIRM_MS) return pull();
    armedAt.current = now;
    setPullArmed(true);
    setTimeout(() => setPullArmed(false), CONFIRM_MS);
  };
  const undo = async () => (model.undoable ? model.undo() : remove());
  const remove = async () => {
    const change = await removeRoast(database(), roast.id);
    say({ text: 'The roast was taken back.', undo: change });
    location.assign(isPractice() ? '/practice/' : '/roast/');
  };
  const earlier = () => {
    const last = model.live.reduce<(typeof model.live)[number] | undefined>(
      (a, b) => (a && a.pressedAt > b.pressedAt ? a : b),
      undefined,
    );
    if (last) void log({ kind: 'amend', target: last.id, happenedAt: Math.round((last.at - 5) * 100) / 100 });
  };
  const pop = () => void model.tapCrack();
  const latestPop = useRef(pop);
  latestPop.current = pop;
  const tap = useCallback(() => latestPop.current(), []);
  // The reading is of the moment the person looked, not of the last digit.
  const openPad = () => model.charged && model.underWay && setPadAtS(model.clock.now() ?? model.nowS);
  const part = nextPart(named, model);
  useRoastKeys({
    next: pressNext,
    pull,
    undo: () => void undo(),
    earlier,
    pop: () => model.charged && pop(),
    reading: openPad,
    note: () => setNoteOpen(true),
    help: () => setHelpOpen(true),
    smell: (index) => smells[index] && model.charged && void log({ kind: 'smell', smell: smells[index] }),
    colour: (index) =>
      namedColours[index] && model.charged && void log({ kind: 'colour', tone: namedColours[index].tone }),
    step: (axis, by) => {
      const found = controls.find(({ control }) => 'axis' in control && control.axis === axis);
      const value = found && steppedValue(found.control, found.value, by);
      if (!model.charged || !found || value === undefined || value === found.value) return;
      void log({ kind: 'move', control: found.control.id, value });
    },
  });

  const practice = isPractice() ? (
    <Suspense fallback={<p className="text-husk">Filling in the beans…</p>}>
      <SimulatedRoast named={named} model={model} />
    </Suspense>
  ) : undefined;

  return (
    <main className="flex min-h-dvh flex-col overflow-x-clip">
      <HeatField {...named} model={model} onUndo={() => void undo()} onEarlier={earlier}>
        <LiveRibbon model={model} />
      </HeatField>
      <div className="mx-auto w-full max-w-[1352px] px-[18px] pt-4 pb-6 sm:px-9">
        <ClockNotice roast={roast} correctedMs={model.clock.correctedMs} />
        <CueBar cue={model.cues[0]} silent={silent} />
        {roast.recipeId && model.charged && (
          <Suspense fallback={null}>
            <PaceLine recipeId={roast.recipeId} model={model} />
          </Suspense>
        )}
        <Questions model={model} />
        {model.questions.length === 0 && (
          <Asks roast={roast} model={model} probe={probe} onDelete={() => void remove()} />
        )}
        {model.underWay ? (
          <div className="grid gap-x-9 gap-y-5 lg:grid-cols-[560fr_612fr]">
            <div>
              <MarkControls model={model} part={part} armed={pullArmed} onNext={pressNext} onPull={pull} onPop={pop} />
              {model.charged && <TapPad model={model} onTap={tap} />}
              {practice}
            </div>
            {model.charged && (
              <div className="border-ink border-t-2">
                <PlannedMovesDue model={model} />
                <Moves controls={controls} onMove={(control, value) => void log({ kind: 'move', control, value })} />
                <ReadingRow model={model} probe={probe} onPad={openPad} />
                {padAtS !== undefined && (
                  <ReadingPad
                    onReading={(celsius) => void model.logAt({ kind: 'reading', celsius }, padAtS)}
                    onClose={() => setPadAtS(undefined)}
                  />
                )}
                <Senses model={model} />
                <MoreSenses model={model} />
                <NoteLine
                  open={noteOpen}
                  onOpen={setNoteOpen}
                  onNote={(text) => void log({ kind: 'note', text })}
                  onHelp={() => setHelpOpen(true)}
                />
              </div>
            )}
          </div>
        ) : (
          (practice ?? <AfterPull named={named} model={model} />)
        )}
        <TemperatureCurve named={named} model={model} />
      </div>
      <KeysHelp open={helpOpen} onClose={() => setHelpOpen(false)} />
    </main>
  );
}

/** The part of a staged pull that is to be taken next; the last one is the pull itself. */
function nextPart({ roast }: NamedRoast, model: LiveRoastModel) {
  const taken = model.live.filter((entry) => entry.kind === 'pull' && !entry.all).length;
  const planned = roast.plannedParts;
  if (planned && taken >= planned.length - 1) return undefined;
  const next = planned?.[taken];
  return {
    name: next ? `Part out: ${shadeOf(next.shade).name}` : 'A part out',
    onPull: () => void model.log({ kind: 'pull', all: false, ...(next ? { shade: next.shade } : {}) }),
  };
}
