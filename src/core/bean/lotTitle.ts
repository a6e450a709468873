import type { Lot } from './lot.ts';

/** The lot as a person calls it: name, then origin when it is known. */
export function lotTitle(lot: Pick<Lot, 'name' | 'origin'>): string {
  return lot.origin === '' ? lot.name : `${lot.name}, ${lot.origin}`;
}
