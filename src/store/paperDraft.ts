import { blankRow, isBlank, type PaperRow } from '@/core/paper';
import { chosenHousehold } from './current.ts';
import { onDevice } from './small.ts';

/** What is typed lies on the device until it is kept, so that a reload loses nothing. */
const draftKey = () => `gander.paper/${chosenHousehold()}`;

/** The lines of paper that are not kept yet. */
export function readPaperDraft(): PaperRow[] {
  try {
    const kept = JSON.parse(onDevice.get(draftKey()) ?? '[]') as Partial<PaperRow>[];
    return kept.map((row) => ({ ...blankRow, ...row }));
  } catch {
    return [];
  }
}

/** Keeps them; those with nothing in them are left out. Gives whether there was room. */
export function writePaperDraft(rows: readonly PaperRow[]): boolean {
  const written = rows.filter((row) => !isBlank(row));
  return onDevice.set(draftKey(), written.length > 0 ? JSON.stringify(written) : undefined);
}
