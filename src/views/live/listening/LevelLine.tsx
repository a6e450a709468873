import { Ear, EarOff } from 'lucide-react';
import type { ListenerState } from '@/core/listen';

/** From the quietest that a microphone gives to full scale, dB. */
const QUIETEST_DB = -75;

interface LevelLineProps {
  readonly state: ListenerState | undefined;
  readonly deaf: boolean;
  /** The sound is kept. */
  readonly kept: boolean;
}

/** A small line that moves with the sound: it shows that Gander listens. */
export function LevelLine({ state, deaf, kept }: LevelLineProps) {
  const share = state && !deaf ? Math.max(0, Math.min(1, 1 - state.levelDb / QUIETEST_DB)) : 0;
  return (
    <p className="heat-ear pointer-events-none flex items-center gap-2 text-[0.85rem]">
      {deaf ? (
        <EarOff className="size-4 shrink-0" aria-hidden="true" />
      ) : (
        <Ear className="size-4 shrink-0" aria-hidden="true" />
      )}
      <span>
        {deaf
          ? 'Not listening'
          : state
            ? kept
              ? 'Listening, kept'
              : 'Listening'
            : 'Opening the microphone: what it hears stays on this device'}
      </span>
      <span aria-hidden="true" className="relative h-1 w-16 rounded bg-current/25">
        <span
          className="absolute inset-y-0 left-0 rounded bg-current transition-[width] duration-200"
          style={{ width: `${share * 100}%` }}
        />
      </span>
    </p>
  );
}
