import { useEffect, useRef } from 'react';

interface NoteLineProps {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly onNote: (text: string) => void;
  readonly onHelp: () => void;
}

/** A note in one line: Enter keeps it, Escape drops it. */
export function NoteLine({ open, onOpen, onNote, onHelp }: NoteLineProps) {
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (open) field.current?.focus();
  }, [open]);
  const keep = () => {
    const text = field.current?.value.trim();
    if (text) onNote(text.slice(0, 500));
    onOpen(false);
  };
  if (!open)
    return (
      <div className="flex gap-3 pt-3">
        <button
          type="button"
          className="border-ink min-h-16 flex-1 rounded-2xl border-2 px-5 text-lg font-bold"
          onClick={() => onOpen(true)}
        >
          Note
        </button>
        <a href="/" className="grid min-h-16 place-items-center px-4 underline underline-offset-4">
          Other pages
        </a>
        <button type="button" className="hidden min-h-16 px-4 underline underline-offset-4 lg:block" onClick={onHelp}>
          Keys
        </button>
      </div>
    );
  return (
    <form
      className="flex gap-3 pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <input
        ref={field}
        aria-label="Note"
        maxLength={500}
        className="border-husk min-h-16 min-w-0 flex-1 border-b-2 bg-transparent px-2 text-xl"
        onKeyDown={(event) => event.key === 'Escape' && onOpen(false)}
      />
      <button type="submit" className="border-ink min-h-16 rounded-2xl border-2 px-6 text-lg font-bold">
        Keep
      </button>
    </form>
  );
}
