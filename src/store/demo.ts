import { parseNotebook, shiftDates } from '@/core/exchange';
import { issueSentence } from '@/core/issues';
import { DAY_MS } from '@/core/units';
import { chooseHousehold } from './current.ts';
import { DATABASE_NAMES, GanderDatabase } from './database.ts';
import { replaceContent } from './notebook.ts';

/**
 * Fills the demo's own database from `text`, its notebook file, moved in time so that its last day is yesterday, and
 * chooses it. Throws when the file cannot be read: it ships with the app, so that is a bug.
 */
export async function openDemo(text: string, nowMs: number): Promise<void> {
  const parsed = parseNotebook(text);
  if (!parsed.ok) throw new Error(`The demo notebook cannot be read: ${parsed.issues.map(issueSentence).join(' ')}`);
  const newestMs = Math.max(...parsed.value.roasts.map((roast) => Date.parse(roast.createdAt)));
  const days = Math.floor(nowMs / DAY_MS) - Math.floor(newestMs / DAY_MS) - 1;
  const db = new GanderDatabase(DATABASE_NAMES.demo);
  await replaceContent(db, shiftDates(parsed.value, days));
  db.close();
  chooseHousehold('demo');
}
