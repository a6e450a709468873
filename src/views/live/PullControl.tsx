import { useRef, useState } from 'react';

interface PullControlProps {
  readonly onPull: () => void;
  readonly large?: boolean;
  /** What it says; a part of a staged pull names its shade. */
  readonly label?: string;
}

/** Slide across at least this part of the control, or hold still this long. */
const SLIDE_SHARE = 0.4;
const HOLD_MS = 800;

/**
 * The pull: one movement, never an accident. A short tap does nothing but say how. By keyboard and by assistive
 * technology it is a plain button, since reaching it there is deliberate.
 */
export function PullControl({ onPull, large = false, label = 'Pull' }: PullControlProps) {
  const [share, setShare] = useState(0);
  const start = useRef<{ x: number; timer: ReturnType<typeof setTimeout> }>(undefined);
  const release = () => {
    if (start.current) clearTimeout(start.current.timer);
    start.current = undefined;
    setShare(0);
  };
  const fire = () => {
    release();
    onPull();
  };
  const shape = large
    ? 'bg-bill text-on-bill h-32 w-full rounded-3xl lg:h-42'
    : 'bg-ink text-chaff min-h-16 min-w-36 flex-1 rounded-2xl';
  return (
    <button
      type="button"
      aria-label={label}
      className={`relative touch-pan-y overflow-hidden select-none ${shape}`}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        start.current = { x: event.clientX, timer: setTimeout(fire, HOLD_MS) };
      }}
      onPointerMove={(event) => {
        if (!start.current) return;
        const moved = Math.abs(event.clientX - start.current.x) / event.currentTarget.clientWidth;
        setShare(moved / SLIDE_SHARE);
        if (moved >= SLIDE_SHARE) fire();
      }}
      onPointerUp={release}
      onPointerCancel={release}
      onContextMenu={(event) => event.preventDefault()}
      onClick={(event) => event.detail === 0 && fire()}
    >
      <span
        aria-hidden="true"
        className="absolute inset-y-0 left-0 bg-black/30"
        style={{ width: `${Math.min(1, share) * 100}%` }}
      />
      <span
        className={`font-heading relative flex h-full ${large ? 'items-end p-6 lg:p-7 text-5xl font-semibold lg:text-6xl' : 'items-center justify-center px-3 text-lg font-bold'}`}
      >
        {label}
        <span aria-hidden="true" className={large ? 'ml-auto' : 'ml-2'}>
          »
        </span>
      </span>
    </button>
  );
}
