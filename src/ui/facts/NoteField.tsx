import { useEffect, useState } from 'react';
import { TextField } from '../Field';

/** Typing pauses this long before it is kept, milliseconds. */
const PAUSE_MS = 500;

/** One line of note, kept while it is typed. */
export function NoteField({ note, onNote }: { readonly note: string; readonly onNote: (note: string) => void }) {
  const [text, setText] = useState(note);
  // biome-ignore lint/correctness/useExhaustiveDependencies: only typing starts the pause anew
  useEffect(() => {
    if (text === note) return;
    const timer = setTimeout(() => onNote(text), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text]);
  return (
    <TextField
      label="Note"
      maxLength={2000}
      placeholder="What to remember next time"
      value={text}
      onChange={(event) => setText(event.target.value)}
      onBlur={() => text !== note && onNote(text)}
    />
  );
}
