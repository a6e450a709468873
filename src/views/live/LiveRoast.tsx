import { useRef, useState } from 'react';
import { steppedValue } from '@/core/gear';
import { smells } from '@/core/roast';
import { namedColours } from '@/core/shade';
import { database } from '@/store/current';
import { say } from '@/store/notices';
import type { NamedRoast } from '@/store/queries';
import { removeRoast } from '@/store/roasting';
import { AfterPull } from './AfterPull';
import { ClockNotice } from './ClockNotice';
import { HeatField } from './HeatField';
import { KeysHelp } from './KeysHelp';
import { LiveRibbon } from './LiveRibbon';
import { MarkControls } from './MarkControls';
import { Moves } from './Moves';
import { NoteLine } from './NoteLine';
import { Questions } from './Questions';
import { Senses } from './Senses';
import { useLeaveWarning, useWakeLock } from './useAtTheHeat';
import { useLiveRoast } from './useLiveRoast';
import { useRoastKeys } from './useRoastKeys';

/** A second press within this time pulls; one alone does not. */
const CONFIRM_MS = 2500;

/** The roast screen of one roast, from the preheat to the weighed batch. */
export function LiveRoast(named: NamedRoast) {
  const { roast } = named;
  const model = useLiveRoast(named);
  const [helpOpen, setHelpOpen] = useState(false);
  const [noteOpen, setNoteOpen] = useState(false);
  const [pullArmed, setPullArmed] = useState(false);
  const armedAt = useRef(Number.NEGATIVE_INFINITY);
  const { log, next, controls } = model;
  useWakeLock(model.underWay);
  useLeaveWarning(model.underWay);

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
  const undo = async () => {
    if (model.undoable) return model.undo();
    const change = await removeRoast(database(), roast.id);
    say({ text: 'The roast was taken back.', undo: change });
    location.assign('/roast/');
  };
  const earlier = () => {
    const last = model.live.reduce<(typeof model.live)[number] | undefined>(
      (a, b) => (a && a.pressedAt > b.pressedAt ? a : b),
      undefined,
    );
    if (last) void log({ kind: 'amend', target: last.id, happenedAt: Math.round((last.at - 5) * 100) / 100 });
  };
  const pop = () => void log({ kind: 'crack', crack: model.reached.secondCrack === undefined ? 'first' : 'second' });
  useRoastKeys({
    next: pressNext,
    pull,
    undo: () => void undo(),
    earlier,
    pop: () => model.charged && pop(),
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

  return (
    <main className="flex min-h-dvh flex-col overflow-x-clip">
      <HeatField {...named} model={model} onUndo={() => void undo()} onEarlier={earlier}>
        <LiveRibbon model={model} />
      </HeatField>
      <div className="mx-auto w-full max-w-[1352px] px-[18px] pt-4 pb-6 sm:px-9">
        <ClockNotice roast={roast} correctedMs={model.clock.correctedMs} />
        <Questions model={model} />
        {model.underWay ? (
          <div className="grid gap-x-9 gap-y-5 lg:grid-cols-[560fr_612fr]">
            <MarkControls model={model} armed={pullArmed} onNext={pressNext} onPull={pull} onPop={pop} />
            {model.charged && (
              <div className="border-ink border-t-2">
                <Moves controls={controls} onMove={(control, value) => void log({ kind: 'move', control, value })} />
                <Senses model={model} />
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
          <AfterPull named={named} model={model} />
        )}
      </div>
      <KeysHelp open={helpOpen} onClose={() => setHelpOpen(false)} />
    </main>
  );
}
