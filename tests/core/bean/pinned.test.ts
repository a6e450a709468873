// What beans weigh by volume and what their process does, as it was last looked over.
import { it } from 'node:test';
import {
  densityClasses,
  densityOf,
  gramsPerMlOf,
  lotAge,
  measuresOf,
  processes,
  roastedGramsPerMl,
  traitsOf,
} from '@/core/bean';
import { shadeNumbers } from '@/core/shade';
import { assertPinned } from '../pinned.ts';

it('density, measures, traits and age are what they were', () => {
  const lots = [{}, { gramsPerMl: 0.65 }, { gramsPerMl: 0.66 }, { gramsPerMl: 0.74 }, { scoopGrams: 13 }];
  const bought = (boughtOn: string, storage?: 'warmCupboard') => ({
    packs: [{ grams: 500, boughtOn }],
    ...(storage && { storage }),
  });
  assertPinned('bean', {
    density: [...lots, ...densityClasses.map((densityClass) => ({ densityClass }))].map((lot) =>
      JSON.stringify([lot, densityOf(lot) ?? 'unknown', gramsPerMlOf(lot)]),
    ),
    roasted: shadeNumbers.map((shade) => roastedGramsPerMl(shade)),
    measures: lots.flatMap((lot) => [measuresOf(lot, 'g'), measuresOf(lot, 'oz'), measuresOf(lot, 'g', 6)]),
    traits: Object.fromEntries(processes.map((process) => [process, traitsOf(process)])),
    age: ['2026-11-20', '2026-06-01', '2025-12-10', '2025-06-01', '2024-01-01'].map((day) =>
      JSON.stringify([lotAge(bought(day), '2026-12-01'), lotAge(bought(day, 'warmCupboard'), '2026-12-01')]),
    ),
  });
});
