import { useLiveQuery } from 'dexie-react-hooks';
import { Pause, Play } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Roast } from '@/core/roast';
import { formatClock, formatMegabytes } from '@/core/units';
import { database } from '@/store/current';
import type { SoundRow } from '@/store/soundRow';
import { bytesOf, fromCharge, soundEndsMs, soundsOf } from '@/store/sounds';
import { Button } from '@/ui/Button';
import { DeleteSound } from '@/ui/DeleteSound';
import { AXIS_ROOM } from '@/ui/ribbon/TimeAxis';
import { timeScale } from '@/ui/ribbon/timeScale';
import { useHousehold } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import { ListenAgain } from './ListenAgain';
import { usePlayer } from './usePlayer';

interface SoundProps {
  readonly roast: Roast;
  readonly width: number;
  readonly fromS: number;
  readonly toS: number;
  /** The ribbon with its axis below, which plays the moment that is pressed. */
  readonly children: ReactNode;
}

/** The ribbon of a roast; where its sound is kept, a press on it plays that moment. */
export function SoundOfRoast(props: SoundProps) {
  const { roast, children } = props;
  const kept = useLiveQuery(() => soundsOf(database(), roast.id), [roast.id]);
  if (!kept || kept.length === 0) return children;
  const sounds = fromCharge(kept, roast);
  // Begun anew when one is deleted, or lies elsewhere on the clock.
  return <Heard key={sounds.map(({ id, fromS }) => `${id} ${fromS}`).join()} {...props} sounds={sounds} />;
}

function Heard({ roast, sounds, width, fromS, toS, children }: SoundProps & { readonly sounds: readonly SoundRow[] }) {
  const player = usePlayer(sounds);
  const { soundWeeks } = useHousehold();
  const dates = useRoastDates();
  const x = timeScale(fromS, toS, Math.max(1, width));
  const [first] = sounds as [SoundRow];
  const ends = soundEndsMs(first, soundWeeks);
  const toggle = () => (player.playing ? player.pause() : player.playFrom(player.atS));
  return (
    <>
      <div className="relative">
        {children}
        <input
          type="range"
          aria-label="Where it plays"
          aria-valuetext={formatClock(player.atS)}
          title="Press to hear that moment"
          min={fromS}
          max={toS}
          step={0.5}
          value={player.atS}
          className="absolute inset-0 h-full w-full cursor-pointer opacity-0"
          onChange={(event) => player.playFrom(Number(event.target.value))}
        />
        <div
          aria-hidden="true"
          className="bg-ink outline-chaff pointer-events-none absolute top-0 w-[3px] outline-1"
          style={{ bottom: AXIS_ROOM, left: x(Math.min(toS, Math.max(fromS, player.atS))) - 1 }}
        />
      </div>
      <div className="no-print mt-3 flex flex-wrap items-center gap-x-4 gap-y-2">
        <Button onClick={toggle} aria-label={player.playing ? 'Pause the sound' : 'Play the sound'}>
          {player.playing ? <Pause className="size-5" /> : <Play className="size-5" />}
        </Button>
        <span className="num text-lg">{formatClock(player.atS)}</span>
        <ListenAgain roast={roast} sounds={sounds} />
        <DeleteSound ids={sounds.map(({ id }) => id)} label="Delete the sound" />
      </div>
      <p className="text-husk mt-1">
        Press on the ribbon to hear that moment. Its sound takes {formatMegabytes(bytesOf(sounds))} and stays until{' '}
        {ends === undefined ? 'you delete it' : dates.date(new Date(ends).toISOString())}.
      </p>
      {player.failed && (
        <p role="alert" className="text-danger mt-2">
          {player.failed}
        </p>
      )}
    </>
  );
}
