import { mean } from 'd3-array';
import { seededRandom } from '../chance/index.ts';
import { SHOWN_P } from './binomial.ts';
import { shuffled } from './codes.ts';
import { scoreWords } from './scored.ts';
import { type Verdict, writtenP } from './verdict.ts';

/** How often every sheet is shuffled; the probability is then right to half a hundredth. */
const SHUFFLES = 5000;
/** Sums that differ by less are the same. */
const SAME = 1e-9;

/**
 * How often scores would differ so much between cups, or more, were they dealt out among the cups of each sheet by chance: a
 * permutation test within blocks, after Fisher, The Design of Experiments (1935). `sheets` holds the scores of each sheet, by cup.
 */
export function shuffledP(sheets: readonly (readonly number[])[]): number {
  const random = seededRandom(sheets.length);
  const apart = apartOf(sheets);
  let asMuch = 1;
  for (let i = 1; i < SHUFFLES; i++) if (apartOf(sheets.map((row) => shuffled(row, random))) >= apart - SAME) asMuch++;
  return asMuch / SHUFFLES;
}

/** How far the sums of the cups lie apart: the sum of their squares, since what they add up to stays the same. */
function apartOf(sheets: readonly (readonly number[])[]): number {
  let apart = 0;
  for (let cup = 0; cup < (sheets[0]?.length ?? 0); cup++) {
    let sum = 0;
    for (const row of sheets) sum += row[cup] as number;
    apart += sum * sum;
  }
  return apart;
}

/** The fewest sheets on so many cups that can show something: that all put them in one order, whichever, is unlikely then. */
export function fewestScored(cups: number): number {
  let orders = 1;
  for (let i = 2; i <= cups; i++) orders *= i;
  let sheets = 2;
  while (orders ** (1 - sheets) > SHOWN_P) sheets++;
  return sheets;
}

/** Is one cup scored higher than the others? `sheets` holds the scores of each, from 0 to 10, by cup. */
export function scoresVerdict(sheets: readonly (readonly number[])[], names: readonly string[]): Verdict {
  const p = sheets.length === 0 ? 1 : shuffledP(sheets);
  const shown = p <= SHOWN_P;
  const means = rankMeans(sheets).map(({ score }) => score);
  const most = Math.max(...means);
  const best = names.filter((_, cup) => (means[cup] ?? 0) >= most - SAME);
  // Scores that lie close are never taken for no difference: how close that is nobody said.
  const verdict = { p, shown, canTell: false };
  if (sheets.length === 0) return { ...verdict, sentence: 'No sheet is in yet.' };
  if (best.length === names.length)
    return { ...verdict, sentence: `All scored alike, ${scoreWords(most)} on average: nothing is shown.` };
  const highest = `${best.join(' and ')} scored highest, ${scoreWords(most)} on average`;
  if (sheets.length === 1) return { ...verdict, sentence: `${highest}, on one sheet: nothing is shown yet.` };
  const written = writtenP(p);
  if (!shown) return { ...verdict, sentence: `${highest}; that may well be chance, ${written}.` };
  return {
    ...verdict,
    ...(names.length === 2 && { preferred: means[0] === most ? 0 : 1 }),
    sentence: `${highest}: that the cups differ so is unlikely to be chance, ${written}.`,
  };
}

/** Mean score and mean rank of each cup; a rank of 1 is the best, ties share theirs. */
export function rankMeans(sheets: readonly (readonly number[])[]): { readonly score: number; readonly rank: number }[] {
  const cups = sheets[0]?.length ?? 0;
  const ranks = sheets.map((row) =>
    row.map(
      (score) =>
        1 + row.filter((other) => other > score).length + (row.filter((other) => other === score).length - 1) / 2,
    ),
  );
  return Array.from({ length: cups }, (_, i) => ({
    score: mean(sheets, (row) => row[i]) ?? 0,
    rank: mean(ranks, (row) => row[i]) ?? 0,
  }));
}
