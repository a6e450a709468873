import type { Sheet } from '@/core/sheet';
import { onDevice } from '@/store/small';

/** How a person set the columns of tables with these headings the last time. */
const key = ({ headings }: Sheet, kind: string) => `gander.columns/${kind}/${headings.join('\u241f').toLowerCase()}`;

export function keptColumns<T>(sheet: Sheet, kind: 'log' | 'list'): T | undefined {
  if (!sheet.headings.some(Boolean)) return undefined;
  try {
    return JSON.parse(onDevice.get(key(sheet, kind)) ?? 'null') ?? undefined;
  } catch {
    return undefined;
  }
}

export function keepColumns(sheet: Sheet, kind: 'log' | 'list', columns: unknown): void {
  if (sheet.headings.some(Boolean)) onDevice.set(key(sheet, kind), JSON.stringify(columns));
}
