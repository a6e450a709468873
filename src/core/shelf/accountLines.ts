import type { JarEvent } from './jar.ts';
import type { LedgerLine } from './ledger.ts';

/** One line of a jar's account as it is shown. */
export interface AccountLine extends Omit<LedgerLine, 'atMs'> {
  readonly fromMs: number;
  readonly toMs: number;
  /** The fact behind it; none behind what was filled or reckoned. */
  readonly event: JarEvent | undefined;
}

/** The lines of an account, newest first; days that were reckoned one after the other are one line. */
export function accountLines(lines: readonly LedgerLine[], events: readonly JarEvent[]): AccountLine[] {
  const open = [...events];
  const told: AccountLine[] = [];
  for (const { atMs, kind, byGrams, leftGrams } of lines) {
    const last = told.at(-1);
    if (kind === 'drawn' && last?.kind === 'drawn') {
      told[told.length - 1] = { ...last, toMs: atMs, byGrams: last.byGrams + byGrams, leftGrams };
      continue;
    }
    const index = open.findIndex((event) => event.kind === kind && Date.parse(event.doneAt) <= atMs);
    const [event] = index >= 0 ? open.splice(index, 1) : [];
    told.push({ fromMs: atMs, toMs: atMs, kind, byGrams, leftGrams, event });
  }
  return told.reverse();
}
