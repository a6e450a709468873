import { binomialTail, evenSplitP, moreNeeded, preferencePower, SHOWN_P, trianglePower } from './binomial.ts';

/** A result in figures and in words. */
export interface Verdict {
  readonly p: number;
  readonly shown: boolean;
  readonly sentence: string;
  /** So many sheets would probably have shown a plain difference, had there been one: only then nothing shown says something. */
  readonly canTell: boolean;
  /** Which of two is liked better, counted from 0; undefined where nothing is shown, or of more than two. */
  readonly preferred?: 0 | 1;
}

/** A difference is plain when half of the cups betray it, or four of five tastings prefer one; sheets can tell when it shows so often. Ours. */
const PLAIN = { noticed: 0.5, likes: 0.8, power: 0.8 } as const;

/** A probability as it is written. */
export const writtenP = (p: number) => (p < 0.001 ? 'p < 0.001' : `p = ${p.toFixed(3)}`);

/** Can they be told apart? `right` of `n` picked the odd cup of three; exact binomial, chance a third. */
export function triangleVerdict(n: number, right: number): Verdict {
  const p = binomialTail(n, right, 1 / 3);
  const canTell = trianglePower(n, PLAIN.noticed) >= PLAIN.power;
  if (n === 0) return { p: 1, shown: false, canTell, sentence: 'No sheet is in yet.' };
  if (p <= SHOWN_P)
    return {
      p,
      shown: true,
      canTell,
      sentence: `${right} of ${n} right: unlikely to be chance, ${writtenP(p)}. They can be told apart.`,
    };
  return {
    p,
    shown: false,
    canTell,
    sentence: `${right} of ${n} right, ${writtenP(p)}: ${tooFew(moreNeeded(n, right, 1 / 3))}`,
  };
}

/** Which is liked better? `forA` of `n` preferred the first; exact binomial, one half, two-sided. */
export function preferenceVerdict(n: number, forA: number, nameA: string, nameB: string): Verdict {
  const p = evenSplitP(n, forA);
  const canTell = preferencePower(n, PLAIN.likes) >= PLAIN.power;
  if (n === 0) return { p: 1, shown: false, canTell, sentence: 'No sheet is in yet.' };
  const liked = forA * 2 >= n ? nameA : nameB;
  const more = Math.max(forA, n - forA);
  if (forA * 2 === n) return { p, shown: false, canTell, sentence: `${forA} to ${n - forA}: nothing is shown.` };
  if (p <= SHOWN_P)
    return {
      p,
      shown: true,
      canTell,
      preferred: forA * 2 >= n ? 0 : 1,
      sentence: `${liked} is preferred, ${more} of ${n}: unlikely to be chance, ${writtenP(p)}.`,
    };
  // A two-sided half is as rare as a one-sided quarter of it; counted on as it stands.
  let needed: number | undefined;
  for (let extra = 1; n + extra <= 60 && needed === undefined; extra++)
    if (evenSplitP(n + extra, Math.floor((more / n) * (n + extra))) <= SHOWN_P) needed = extra;
  return {
    p,
    shown: false,
    canTell,
    sentence: `${liked} is ahead, ${more} of ${n}, ${writtenP(p)}: ${tooFew(needed)}`,
  };
}

function tooFew(more: number | undefined): string {
  if (more === undefined) return 'nothing is shown.';
  return `too few to tell; ${more} more tasting${more === 1 ? '' : 's'} like these would do.`;
}
