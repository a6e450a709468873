import { isFresh } from '@/core/heat';
import { useWords } from '@/ui/useHousehold';
import type { LiveRoastModel } from '../useLiveRoast';
import type { ProbeState } from '../useProbe';

/** The last reading, how far it is past first crack, how fast it rises; in the place kept for answers while nothing is asked. */
export function ReadingNow({ model, probe }: { readonly model: LiveRoastModel; readonly probe: ProbeState }) {
  const words = useWords();
  const { readings, ratePerMin, firstC, nowS, reached } = model.situation;
  const last = readings.at(-1);
  const past =
    last && (firstC.from !== 'usual' || reached.firstCrack !== undefined) ? last.celsius - firstC.celsius : undefined;
  const trouble = probeTrouble(model, probe);
  return (
    <p className="flex flex-wrap content-center items-baseline gap-x-4 overflow-hidden leading-tight roomy:text-lg wide:justify-end">
      {last && (
        <span className={isFresh(last, nowS) ? '' : 'opacity-70'}>
          <b className="num text-2xl">{words.temperature(last.celsius)}</b>
        </span>
      )}
      {ratePerMin !== undefined && (
        <span>
          rises <b className="num">{words.degrees(ratePerMin)}</b> a minute
        </span>
      )}
      {past !== undefined && <span>{pastWords(past, words.degrees)}</span>}
      {trouble && <span className="text-[0.85rem]">{trouble}</span>}
    </p>
  );
}

/** Whether there is anything to say of readings now. */
export function hasReadingNow({ situation }: Pick<LiveRoastModel, 'situation'>, probe: ProbeState): boolean {
  return (
    situation.reached.pull === undefined &&
    (situation.readings.length > 0 || probeTrouble({ situation }, probe) !== undefined)
  );
}

/** A thermometer that is read by eye never spoke, so it is not missed. */
function probeTrouble(
  { situation }: Pick<LiveRoastModel, 'situation'>,
  { kind, leftOut }: ProbeState,
): string | undefined {
  const spoke = situation.readings.some(({ streamed }) => streamed);
  if (kind === 'silent') return 'Probe silent; type a reading meanwhile.';
  if (kind === 'lost' && spoke) return 'Probe lost, trying again.';
  if (leftOut === 0) return undefined;
  return `${leftOut === 1 ? 'One line of the probe was' : `${leftOut} lines of the probe were`} no reading and left out.`;
}

function pastWords(by: number, degrees: (by: number) => string): string {
  if (Math.abs(by) < 0.5) return 'as at first crack';
  return `${degrees(Math.abs(by))} ${by > 0 ? 'past' : 'before'} first crack`;
}
