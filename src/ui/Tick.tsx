import type { InputHTMLAttributes, ReactNode } from 'react';

interface TickProps extends InputHTMLAttributes<HTMLInputElement> {
  readonly children: ReactNode;
  readonly ref?: React.Ref<HTMLInputElement>;
}

/** A line that can be ticked. */
export function Tick({ children, ...input }: TickProps) {
  return (
    <label className="flex min-h-11 items-center gap-3 py-1">
      <input type="checkbox" className="accent-ink size-5 shrink-0" {...input} />
      <span>{children}</span>
    </label>
  );
}
