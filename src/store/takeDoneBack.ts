import { theRow } from '@/core/exchange';
import type { GanderDatabase } from './database.ts';
import { changeOf } from './done.ts';
import type { Notice } from './notices.ts';
import { type Kept, undoChange } from './undo.ts';

/** Takes back what a line of a list changed; gives what to say of it, with the way to do it again. */
export async function takeLineBack(
  db: GanderDatabase,
  id: string,
  words: Pick<Notice, 'text' | 'of'>,
): Promise<Notice & { readonly undo: NonNullable<Notice['undo']> }> {
  const { change, kept } = await undoChange(db, await changeOf(db, id));
  await db.done.update(id, { undoneAt: new Date().toISOString() });
  return { ...words, text: `${words.text}${keptWords(kept)}`, undo: change };
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
