import { mean } from 'd3-array';
import { type Lot, lotTitle, type Process } from '../bean/index.ts';
import type { Gear, MethodId } from '../gear/index.ts';
import { shadesOf } from '../record/index.ts';
import { liveEntries, milestonesOf, type Roast, roastedGrams } from '../roast/index.ts';
import { lossPercent, type ShadeNumber } from '../shade/index.ts';
import type { Cup } from '../taste/index.ts';

/** A roast as the journal searches, filters and sorts it. */
export interface JournalRow {
  readonly id: string;
  readonly createdAt: string;
  readonly lotId: string;
  readonly gearId: string;
  readonly lot: string;
  readonly gear: string;
  readonly process: Process | undefined;
  readonly method: MethodId | undefined;
  /** Of each part, as it came out, else as it was wanted. */
  readonly shades: readonly ShadeNumber[];
  readonly stars: number | undefined;
  /** The mean of its cups' overall scores, 0 to 10. */
  readonly overall: number | undefined;
  readonly firstCrackS: number | undefined;
  readonly pullS: number | undefined;
  readonly lossPercent: number | undefined;
  readonly tags: readonly string[];
  /** Notes of the roast and of its cups. */
  readonly notes: string;
  readonly words: string;
}

/** Reads a roast for the journal. */
export function journalRow(
  roast: Roast,
  lot: Lot | undefined,
  gear: Gear | undefined,
  cups: readonly Cup[],
  /** Overall scores, of these cups and of flights. */
  scores: readonly number[],
): JournalRow {
  const live = liveEntries(roast.entries);
  const { firstCrack, pull } = milestonesOf(live);
  const roasted = roastedGrams(roast);
  const noted = live.flatMap((entry) => (entry.kind === 'note' ? [entry.text] : []));
  return {
    id: roast.id,
    createdAt: roast.createdAt,
    lotId: roast.lotId,
    gearId: roast.gearId,
    lot: lot ? lotTitle(lot) : '',
    gear: gear?.nickname ?? '',
    process: lot?.process,
    method: gear?.method,
    shades: shadesOf(roast).map(({ shade }) => shade),
    stars: roast.stars,
    overall: mean(scores),
    firstCrackS: firstCrack,
    pullS: pull,
    lossPercent: roasted === undefined ? undefined : lossPercent(roast.greenGrams, roasted),
    tags: roast.tags ?? [],
    notes: [roast.note ?? '', ...noted, ...cups.map(({ note }) => note ?? '')].join(' ').trim(),
    words: [...new Set(cups.flatMap(({ words }) => words))].join(' '),
  };
}
