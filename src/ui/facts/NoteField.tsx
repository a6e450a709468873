import { useEffect, useState } from 'react';
import { TextField } from '../Field';
import { useOnLeaving } from '../useOnLeaving';

/** Typing pauses this long before it is kept, milliseconds. */
const PAUSE_MS = 500;

/** One line of note, kept while it is typed, and on leaving. */
export function NoteField({ note, onNote }: { readonly note: string; readonly onNote: (note: string) => void }) {
  const [text, setText] = useState(note);
  const [kept, setKept] = useState(note);
  const keep = () => {
    if (text === kept) return;
    setKept(text);
    onNote(text);
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: only typing starts the pause anew
  useEffect(() => {
    const timer = setTimeout(keep, PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text]);
  useOnLeaving(keep);
  return (
    <TextField
      label="Note"
      maxLength={2000}
      placeholder="What to remember next time"
      value={text}
      onChange={(event) => setText(event.target.value)}
      onBlur={keep}
    />
  );
}
