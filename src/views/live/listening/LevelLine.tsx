import { Ear, EarOff } from 'lucide-react';
import type { Ref } from 'react';

/** From the quietest that a microphone gives to full scale, dB. */
const QUIETEST_DB = -75;

interface LevelLineProps {
  readonly hears: boolean;
  readonly deaf: boolean;
  /** The sound is kept. */
  readonly kept: boolean;
  readonly meter: Ref<HTMLSpanElement>;
}

/** A small line that moves with the sound: it shows that Gander listens. */
export function LevelLine({ hears, deaf, kept, meter }: LevelLineProps) {
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
          : hears
            ? hearsWords(kept)
            : 'Opening the microphone: what it hears stays on this device'}
      </span>
      <span aria-hidden="true" className="relative h-1 w-16 overflow-hidden rounded bg-current/25">
        <span ref={meter} className="absolute inset-0 origin-left bg-current will-change-transform" style={SILENT} />
      </span>
    </p>
  );
}

/** How it begins; React leaves it alone afterwards. */
const SILENT = { transform: 'scaleX(0)' };

const hearsWords = (kept: boolean) => (kept ? 'Listening, kept' : 'Listening');

/** Moves the line to a level, dB of full scale. Past React and without layout: it comes four times a second on an old tablet. */
export function showLevel(meter: HTMLElement | null, levelDb: number): void {
  const share = Math.max(0, Math.min(1, 1 - levelDb / QUIETEST_DB));
  if (meter) meter.style.transform = `scaleX(${share.toFixed(2)})`;
}
