import { normal, type Random } from '../chance/index.ts';
import { type MethodId, methodOf } from '../gear/index.ts';
import { gearModels } from './gearModel.ts';
import type { SimulationSetUp } from './setUp.ts';

const PROCESSES = ['washed', 'washed', 'washed', 'natural', 'honey', 'decaf'] as const;

/**
 * One roast of one of many households on a method: gear as strong as `spread` lets it be (the method's own when absent),
 * a batch around the usual one, some weather, some lot. What lies in the ranges of handbook table 4.
 */
export function manyHouseholds(id: MethodId, spread: number | undefined, random: Random): SimulationSetUp {
  const { controls, batchGrams } = methodOf(id);
  const batch = batchGrams.usual * Math.exp(normal(random) * 0.15);
  return {
    method: id,
    controls,
    lot: {
      process: PROCESSES[Math.floor(random() * PROCESSES.length)] ?? 'washed',
      gramsPerMl: 0.7 + normal(random) * 0.025,
      moisturePercent: 11 + normal(random) * 0.8,
    },
    greenGrams: Math.min(batchGrams.most, Math.max(batchGrams.least, batch)),
    ambientC: 18 + normal(random) * 6,
    strength: Math.exp(normal(random) * (spread ?? gearModels[id].spread)),
  };
}
