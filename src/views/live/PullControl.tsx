import { useRef, useState } from 'react';

interface PullControlProps {
  readonly onPull: () => void;
  /** What it says; a part of a staged pull names its shade. */
  readonly label: string;
  /** How it is done, below the word. */
  readonly hint?: string;
  /** The keys that do it, in the corner of a wide window. */
  readonly keys?: string;
  readonly disabled?: boolean;
  readonly className: string;
  readonly wordClassName: string;
}

/** Slide across at least this part of the control, or hold still this long. */
const SLIDE_SHARE = 0.4;
const HOLD_MS = 800;

/**
 * The pull: one movement, never an accident. A short tap does nothing but say how. By keyboard and by assistive
 * technology it is a plain button, since reaching it there is deliberate.
 */
export function PullControl({ onPull, label, hint, keys, disabled, className, wordClassName }: PullControlProps) {
  const [share, setShare] = useState(0);
  const start = useRef<{ x: number; timer: ReturnType<typeof setTimeout> }>(undefined);
  const assisted = useRef(false);
  const release = () => {
    if (start.current) clearTimeout(start.current.timer);
    start.current = undefined;
    setShare(0);
  };
  const fire = () => {
    release();
    onPull();
  };
  return (
    <button
      type="button"
      aria-label={label}
      disabled={disabled}
      className={`touch-none select-none disabled:opacity-35 ${className}`}
      onPointerDown={(event) => {
        assisted.current = isAssisted(event);
        if (assisted.current) return;
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
      onClick={(event) => (event.detail === 0 || assisted.current) && fire()}
    >
      <span
        aria-hidden="true"
        className="absolute inset-y-0 left-0 bg-black/30"
        style={{ width: `${Math.min(1, share) * 100}%` }}
      />
      {keys && (
        <span aria-hidden="true" className="absolute top-3 right-4 hidden wide:inline">
          {keys}
        </span>
      )}
      <span className={`relative block ${wordClassName}`}>
        {label} <span aria-hidden="true">»</span>
      </span>
      {hint && <span className="relative block truncate text-[0.8rem] leading-tight roomy:text-base">{hint}</span>}
    </button>
  );
}

/**
 * Whether a press comes from a screen reader, which cannot slide or hold: its pointer has no size, or, where one is made up for
 * a mouse, the size of a point and no pressure.
 */
function isAssisted({ width, height, pressure, pointerType, detail }: React.PointerEvent): boolean {
  if (width === 0 && height === 0) return true;
  return width === 1 && height === 1 && pressure === 0 && detail === 0 && pointerType === 'mouse';
}
