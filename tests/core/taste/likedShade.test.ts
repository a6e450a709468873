import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { ShadeNumber } from '@/core/shade';
import { likedShade, type ShadeTasting, type ShadeWin } from '@/core/taste';

const cups = (...all: readonly (readonly [ShadeNumber, number])[]): ShadeTasting[] =>
  all.map(([shade, overall]) => ({ shade, overall }));
const wins = (better: ShadeNumber, worse: ShadeNumber, count: number): ShadeWin[] =>
  Array.from({ length: count }, () => ({ better, worse }));

describe('the shade that is liked best of some beans', () => {
  const cases: readonly (readonly [string, ShadeTasting[], ShadeWin[], string])[] = [
    ['nothing tasted says nothing', [], [], 'none'],
    ['one shade alone says nothing of others', cups([4, 9], [4, 9], [4, 8]), [], 'none'],
    // Average 7: medium-dark leads by (1 + 1) / 4, medium lies by (−1 −1) / 4 below.
    ['two cups against two', cups([5, 8], [5, 8], [4, 6], [4, 6]), [], '5 by 2'],
    ['one good cup is not enough', cups([5, 10], [4, 5], [4, 5]), [], 'none'],
    ['a small lead is none', cups([5, 7], [5, 7], [4, 6.5], [4, 6.5]), [], 'none'],
    // A lead is half of what lies between: 0.41 and 0.39 points.
    ['a lead just large enough', cups([5, 7.82], [5, 7.82], [4, 7], [4, 7]), [], '5 by 2'],
    ['one just too small', cups([5, 7.78], [5, 7.78], [4, 7], [4, 7]), [], 'none'],
    ['three blind sheets that agree', [], wins(3, 5, 3), '3 by 3'],
    ['sheets that disagree', [], [...wins(3, 5, 2), ...wins(5, 3, 2)], 'none'],
    ['a preference of a shade to itself', [], wins(4, 4, 5), 'none'],
    // Cups lead for 4 by (0.5 + 0.5 + 2) / 5 against (−0.5 −0.5 −2) / 5: the two sheets speak for it too.
    ['cups and sheets together', cups([4, 8], [4, 8], [5, 7], [5, 7]), wins(4, 5, 2), '4 by 4'],
  ];
  for (const [name, tastings, sheets, expected] of cases)
    it(name, () => {
      const liked = likedShade(tastings, sheets);
      assert.equal(liked ? `${liked.shade} by ${liked.tastings}` : 'none', expected);
    });
});
