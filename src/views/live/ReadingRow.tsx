import { Thermometer } from 'lucide-react';
import { useHousehold, useWords } from '@/ui/useHousehold';
import type { LiveRoastModel } from './useLiveRoast';
import type { ProbeState } from './useProbe';

/** A streamed reading this young means that the probe is speaking, seconds. */
const STREAM_FRESH_S = 12;

interface ReadingRowProps {
  readonly model: LiveRoastModel;
  readonly probe: ProbeState;
  readonly onPad: () => void;
}

/** The last reading, how fast it rises, how far it is past this gear's own first crack; and the way to the pad. */
export function ReadingRow({ model, probe, onPad }: ReadingRowProps) {
  const words = useWords();
  const { readingEveryS } = useHousehold();
  const { readings, nowS, ratePerMin, ownC } = model;
  const last = readings.at(-1);
  const streaming = probe.kind === 'listening' || (last?.streamed === true && nowS - last.at < STREAM_FRESH_S);
  const dueInS = readingEveryS - (nowS - (last?.at ?? 0));
  const due = !streaming && readingEveryS > 0 && readings.length > 0 && dueInS <= 0;
  return (
    <div className="border-line flex flex-wrap items-center gap-x-5 gap-y-1 border-b py-2">
      <p className="min-w-[9rem] flex-1">
        <span className="text-husk block text-[0.95rem]">
          {streaming ? 'Probe' : probeWords(probe, due, dueInS, readings.length > 0)}
        </span>
        {last ? (
          <span className="text-slate">
            <b className="num text-2xl">{words.temperature(last.celsius)}</b>{' '}
            {pastWords(last.celsius, ownC, words.degrees)}
          </span>
        ) : (
          <span className="text-husk">no reading yet</span>
        )}
      </p>
      {ratePerMin !== undefined && (
        <p className="text-slate">
          <span className="text-husk block text-[0.95rem]">Rate of rise</span>
          <b className="num text-xl">{words.degrees(ratePerMin)}</b> a minute
        </p>
      )}
      {!streaming && (
        <button
          type="button"
          aria-label="Reading"
          className={`grid size-16 place-items-center rounded-2xl border-2 ${due ? 'border-bill text-bill' : 'border-ink'}`}
          onClick={onPad}
        >
          <Thermometer />
        </button>
      )}
      {probe.leftOut > 0 && (
        <p className="text-husk basis-full text-[0.95rem]">
          {probe.leftOut === 1 ? 'One line of the probe was' : `${probe.leftOut} lines of the probe were`} no reading
          and left out.
        </p>
      )}
    </div>
  );
}

function probeWords(probe: ProbeState, due: boolean, dueInS: number, any: boolean): string {
  switch (probe.kind) {
    case 'listening':
      return 'Probe';
    case 'waiting':
      return 'Probe: waiting for it to speak';
    case 'silent':
      return 'Probe: silent; type one meanwhile';
    case 'lost':
      return 'Probe: lost, trying again';
    case 'none':
      return due
        ? 'A reading is due'
        : any && Number.isFinite(dueInS) && dueInS > 0 && dueInS < 60
          ? `Reading, due in ${Math.ceil(dueInS)} s`
          : 'Reading';
  }
}

function pastWords(celsius: number, ownC: number | undefined, degrees: (by: number) => string): string {
  if (ownC === undefined) return '';
  const by = celsius - ownC;
  if (Math.abs(by) < 0.5) return 'as at its first crack';
  return `${degrees(Math.abs(by))} ${by > 0 ? 'past' : 'before'} its first crack`;
}
