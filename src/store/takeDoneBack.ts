import { theRow } from '@/core/exchange';
import type { Done } from './changes.ts';
import type { GanderDatabase } from './database.ts';
import { say } from './notices.ts';
import { type Kept, undoChange } from './undo.ts';

/** Takes something on the list back, and says so, with the way to do it again. */
export async function takeDoneBack(db: GanderDatabase, done: Done): Promise<void> {
  const { change, kept } = await undoChange(db, done.change);
  await db.done.update(done.id, { undoneAt: new Date().toISOString() });
  const stays = keptWords(kept);
  if (done.of) say({ text: `${done.of}${stays}`, undo: change });
  else say({ text: `Taken back: ${done.text}${stays}`, undo: change, of: done.text });
}

/** “ Changed since, so it stays: the roast.” */
export function keptWords(kept: readonly Kept[]): string {
  const whole = [...new Set(kept.filter(({ fields }) => fields.includes('id')).map(({ table }) => theRow(table)))];
  const parts = [...new Set(kept.filter(({ fields }) => !fields.includes('id')).map(({ table }) => theRow(table)))];
  return [
    whole.length > 0 ? ` Used or changed since, so it stays as it is: ${whole.join(', ')}.` : '',
    parts.length > 0 ? ` What was changed since stays as it is, in ${parts.join(', ')}.` : '',
  ].join('');
}
