// What differs between roasts, how heavily it weighs, and how alike repeats are, as it was last looked over.
import { it } from 'node:test';
import { differenceSentence, differencesBetween, type RoastFigures, repeatabilityOf } from '@/core/compare';
import { writtenAs } from '@/core/household';
import { assertPinned } from '../pinned.ts';

const figures = (firstCrack: number, pull: number, more: Partial<RoastFigures> = {}): RoastFigures => ({
  roastId: 'roast:a',
  greenGrams: 80,
  reached: { yellow: 0.5 * firstCrack, firstCrack, pull },
  lossPercent: 14.6,
  shade: 4,
  ambientC: 18,
  gearHot: false,
  gearId: 'gear:a',
  lotId: 'lot:a',
  moves: [],
  overall: undefined,
  words: [],
  ...more,
});

it('differences weigh what they did, and repeats are as alike', () => {
  const base = figures(300, 400);
  const others = {
    same: base,
    'a little later': figures(312, 418),
    'sooner by a second': figures(299, 399),
    'loss, shade and air': figures(300, 400, { lossPercent: 15.3, shade: 6, ambientC: 9 }),
    'weight and heat': figures(300, 400, { greenGrams: 92, gearHot: true }),
    'other beans and gear': figures(240, 330, { gearId: 'gear:b', lotId: 'lot:b' }),
    'begun short': figures(40, 70, { lossPercent: undefined, ambientC: undefined }),
  };
  const told = Object.entries(others).map(([name, other]) => [
    name,
    differencesBetween(base, other).map(
      (each) => `${differenceSentence(each, writtenAs())} (${each.weight.toPrecision(4)})`,
    ),
  ]);
  const repeats = Array.from({ length: 9 }, (_, i) =>
    figures(300 + 9 * (i % 4) - i, 400 + 14 * (i % 3) + 2 * i, {
      greenGrams: 80 + 3 * (i % 5),
      ambientC: 12 + (i % 4),
      gearHot: i % 3 === 1,
      lossPercent: 14 + 0.4 * (i % 3),
      shade: i % 4 === 0 ? 5 : 4,
    }),
  );
  assertPinned('compare', {
    ...Object.fromEntries(told),
    ...Object.fromEntries(
      [3, 6, 7, 8, 9].map((count) => [`${count} repeats`, repeatabilityOf(repeats.slice(0, count))]),
    ),
  });
});
