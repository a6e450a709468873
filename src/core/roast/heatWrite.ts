import type { Id } from '../ids/index.ts';
import type { Entry } from './entry.ts';
import { lastUndoable } from './liveEntries.ts';
import { entriesMovedBy, movedCharge } from './movedCharge.ts';
import type { Roast } from './roast.ts';
import { preheatS } from './roastClock.ts';

/** Something pressed at the heat that is to be kept, as a value: it can wait, be tried again and be applied twice without harm. */
export type HeatWrite =
  | { readonly kind: 'entry'; readonly roastId: string; readonly entry: Entry }
  /** Takes back what stands last when it is written, not when it was pressed: two quick presses take back two. */
  | { readonly kind: 'undoLast'; readonly roastId: string; readonly id: Id<'entry'>; readonly atS: number }
  | { readonly kind: 'charge'; readonly roastId: string; readonly chargedAt: string }
  /** The beans went in at another moment than that charge says. */
  | { readonly kind: 'moveCharge'; readonly roastId: string; readonly chargedAt: string; readonly to: string }
  /** Back to the preheat; it names the charge that it takes back. */
  | { readonly kind: 'uncharge'; readonly roastId: string; readonly chargedAt: string };

/** What names a write among others of the same roast. */
export function heatWriteId(write: HeatWrite): string {
  switch (write.kind) {
    case 'entry':
      return write.entry.id;
    case 'undoLast':
      return write.id;
    case 'moveCharge':
      return `${write.roastId}/${write.kind}/${write.chargedAt}/${write.to}`;
    case 'charge':
    case 'uncharge':
      return `${write.roastId}/${write.kind}/${write.chargedAt}`;
  }
}

/** The roast with a write in it; the same roast where it is in already or has nothing to do. */
export function withHeatWrite(roast: Roast, write: HeatWrite): Roast {
  switch (write.kind) {
    case 'entry':
      return isIn(roast, write.entry.id) ? roast : { ...roast, entries: [...roast.entries, write.entry] };
    case 'undoLast': {
      const last = lastUndoable(roast.entries);
      if (!last || isIn(roast, write.id)) return roast;
      const { id, atS } = write;
      const undo: Entry = { kind: 'undo', id, at: atS, pressedAt: atS, source: 'hand', target: last.id };
      return { ...roast, entries: [...roast.entries, undo] };
    }
    case 'charge':
      return roast.chargedAt ? roast : charged(roast, write.chargedAt);
    case 'moveCharge':
      return roast.chargedAt === write.chargedAt
        ? movedCharge(roast, secondsBetween(write.chargedAt, write.to))
        : roast;
    case 'uncharge':
      return roast.chargedAt === write.chargedAt ? uncharged(roast) : roast;
  }
}

const secondsBetween = (from: string, to: string) => (Date.parse(to) - Date.parse(from)) / 1000;

const isIn = (roast: Roast, id: string) => roast.entries.some((entry) => entry.id === id);

/** Until the charge, times count from the beginning of the preheat; from then on, from the charge. */
function charged(roast: Roast, chargedAt: string): Roast {
  return { ...roast, chargedAt, entries: entriesMovedBy(roast.entries, -preheatS({ ...roast, chargedAt })) };
}

/** A roast that began with its charge has no preheat to go back to. */
function uncharged(roast: Roast): Roast {
  if (!roast.preheatedAt) return roast;
  const { chargedAt: _, chargePressedAt: __, ...preheating } = roast;
  // What the device's clock jumped since the charge is none of the next one's.
  return { ...preheating, clockShiftMs: 0, entries: entriesMovedBy(roast.entries, preheatS(roast)) };
}
