import { ENTRY_S } from '@/core/roast';

/** What to say where a log would reach too far. */
export const OUT_OF_LOG = 'A roast’s times lie between 4 hours before the beans went in and a day after.';

/** What to say of a time that no entry can have; empty where it can. */
export function outOfRange(atS: number): string {
  return atS < ENTRY_S.least || atS > ENTRY_S.most ? OUT_OF_LOG : '';
}
