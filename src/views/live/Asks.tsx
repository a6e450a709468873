import { useEffect, useState } from 'react';
import { farOffCurve, probeMovedByC, readingAt } from '@/core/heat';
import { issueSentence } from '@/core/issues';
import { milestoneNames, type Roast } from '@/core/roast';
import { formatClock, formatSpan, parseClock } from '@/core/units';
import { useHousehold, useWords } from '@/ui/useHousehold';
import type { LiveRoastModel } from './useLiveRoast';
import type { ProbeState } from './useProbe';

const answer = 'border-2 border-ink min-h-16 rounded-2xl px-5 text-lg font-bold';
const OVERNIGHT_S = 7200;

interface AsksProps {
  readonly roast: Roast;
  readonly model: LiveRoastModel;
  readonly probe: ProbeState;
  readonly onDelete: () => void;
}

/** What the screen asks besides the order of marks: one thing at a time, nothing refused, everything kept already. */
export function Asks({ roast, model, probe, onDelete }: AsksProps) {
  const words = useWords();
  const proposal = useProposal(model);
  const far = farOff(model);
  if (model.underWay && model.charged && model.nowS > OVERNIGHT_S)
    return <Overnight model={model} onDelete={onDelete} />;
  if (probe.looksFahrenheit)
    return (
      <Ask words="The probe shows more than beans can be. Are these degrees Fahrenheit?">
        <button type="button" className={answer} onClick={probe.readAsFahrenheit}>
          Yes, read them so
        </button>
      </Ask>
    );
  if (proposal)
    return (
      <Ask words={`By your taps: ${milestoneNames[proposal.milestone]} since ${formatClock(proposal.atS)}. Take it?`}>
        <button type="button" className={answer} onClick={proposal.take}>
          Take it
        </button>
        <button type="button" className={answer} onClick={proposal.leave}>
          Not yet
        </button>
      </Ask>
    );
  if (far)
    return (
      <Ask
        words={`${words.temperature(far.celsius)} is far off the curve, which points to ${words.temperature(far.expected)}.`}
      >
        <button
          type="button"
          className={answer}
          onClick={() => void model.log({ kind: 'amend', target: far.id, sure: true })}
        >
          It is right
        </button>
        <button type="button" className={answer} onClick={() => void model.log({ kind: 'undo', target: far.id })}>
          Take it back
        </button>
      </Ask>
    );
  return <ProbeMoved roast={roast} model={model} />;
}

function Ask({ words, children }: { readonly words: string; readonly children: React.ReactNode }) {
  return (
    <section role="alert" className="border-slate mb-4 flex flex-wrap items-center gap-3 rounded-2xl border-3 p-4">
      <p className="mr-auto max-w-[60ch] text-lg font-bold">{words}</p>
      {children}
    </section>
  );
}

/** What the taps propose; taken by itself where the household wants it so. "Not yet" holds until the taps say more. */
function useProposal(model: LiveRoastModel) {
  const { takesCracks } = useHousehold();
  const [left, setLeft] = useState('');
  const { proposal } = model;
  const key = proposal ? `${proposal.milestone}@${Math.round(proposal.atS)}` : '';
  const take = () => {
    if (!proposal) return;
    setLeft(key);
    void model.logAt({ kind: 'mark', milestone: proposal.milestone }, proposal.atS);
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for each proposal
  useEffect(() => {
    if (takesCracks && proposal && left !== key) take();
  }, [key, takesCracks]);
  return proposal && left !== key && !takesCracks ? { ...proposal, take, leave: () => setLeft(key) } : undefined;
}

function farOff({ live, readings }: LiveRoastModel) {
  const last = live.findLast((entry) => entry.kind === 'reading' && entry.source === 'hand');
  if (last?.kind !== 'reading' || last.sure) return undefined;
  const before = readings.filter(({ at }) => at < last.at);
  const expected = farOffCurve(before, { at: last.at, celsius: last.celsius, streamed: false });
  return expected === undefined ? undefined : { id: last.id, celsius: last.celsius, expected };
}

/** Asked once, at first crack: the probe reads something else there than it used to. */
function ProbeMoved({ model }: { readonly roast: Roast; readonly model: LiveRoastModel }) {
  const words = useWords();
  const { ownC, readings, reached, live } = model;
  const mark = live.findLast((entry) => entry.kind === 'mark' && entry.milestone === 'firstCrack');
  const readC = reached.firstCrack === undefined ? undefined : readingAt(readings, reached.firstCrack);
  const byC = probeMovedByC(readC, ownC);
  if (byC === undefined || ownC === undefined || !mark || mark.sure || !model.underWay) return null;
  return (
    <Ask
      words={`The probe reads ${words.degrees(Math.abs(byC))} ${byC > 0 ? 'above' : 'below'} its usual ${words.temperature(ownC)} at first crack. Has it moved, or was it a stray pop?`}
    >
      <button
        type="button"
        className={answer}
        onClick={() => void model.log({ kind: 'amend', target: mark.id, sure: true })}
      >
        The probe moved
      </button>
      <button type="button" className={answer} onClick={() => void model.log({ kind: 'undo', target: mark.id })}>
        A stray pop
      </button>
    </Ask>
  );
}

/** A roast that was left open for hours: when was it pulled? */
function Overnight({ model, onDelete }: { readonly model: LiveRoastModel; readonly onDelete: () => void }) {
  const expected =
    model.reached.firstCrack === undefined
      ? model.expectedPullS
      : Math.max(model.reached.firstCrack, model.expectedPullS);
  const [text, setText] = useState(formatClock(expected));
  const parsed = parseClock(text);
  return (
    <section role="alert" className="border-bill mb-4 flex flex-wrap items-center gap-3 rounded-2xl border-3 p-4">
      <p className="mr-auto max-w-[60ch] text-lg font-bold">
        This roast has been open for {formatSpan(model.nowS)}. Was it pulled, and when?
      </p>
      <input
        aria-label="Pulled at"
        className="num border-husk min-h-16 w-[6ch] border-b-2 bg-transparent text-xl"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <button
        type="button"
        className={answer}
        disabled={!parsed.ok}
        onClick={() => parsed.ok && void model.logAt({ kind: 'pull', all: true }, parsed.value)}
      >
        Pulled then
      </button>
      <button type="button" className={answer} onClick={onDelete}>
        Delete the roast
      </button>
      {!parsed.ok && <p className="text-danger basis-full">{parsed.issues.map(issueSentence).join(' ')}</p>}
    </section>
  );
}
