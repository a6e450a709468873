import { Dialog as Radix } from 'radix-ui';
import { type ReactNode, useRef } from 'react';

interface DialogProps {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly title: string;
  readonly children: ReactNode;
}

/** A sheet over the page: traps the focus, closes with Escape, gives the focus back. */
export function Dialog({ open, onClose, title, children }: DialogProps) {
  const cameFrom = useRef<Element | null>(null);
  return (
    <Radix.Root open={open} onOpenChange={(next) => next || onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/50" />
        <Radix.Content
          aria-describedby={undefined}
          onOpenAutoFocus={() => {
            cameFrom.current = document.activeElement;
          }}
          // What is said at the foot of the page lies above it, and is pressed without leaving it.
          onInteractOutside={(event) => {
            const { target } = event.detail.originalEvent;
            // Its Undo is gone by the time this is asked.
            if (target instanceof Element && (!target.isConnected || target.closest('[data-notice]')))
              event.preventDefault();
          }}
          // Left alone it gives the focus to its trigger, and ours has none.
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            if (cameFrom.current instanceof HTMLElement) cameFrom.current.focus();
          }}
          className="bg-chaff text-ink border-ink fixed inset-x-0 bottom-0 z-50 max-h-[92dvh] overflow-y-auto border-t-2 p-6 sm:inset-auto sm:top-1/2 sm:left-1/2 sm:w-[min(92vw,38rem)] sm:-translate-x-1/2 sm:-translate-y-1/2 sm:rounded-2xl sm:border-2"
        >
          <Radix.Title className="font-heading mb-4 text-2xl">{title}</Radix.Title>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
