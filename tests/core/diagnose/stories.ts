import type { MethodId } from '@/core/gear';
import type { Story } from './records.ts';

const steps = (from: 'charge' | 'yellow' | 'firstCrack', count: number) => ({ from, steps: count });

/** Records with a known fault, made by the simulation, and the finding that must come first. */
export const faults: readonly Story[] = [
  // Too hot a start.
  { method: 'stovetopPopper', expected: 'hotStart', heat: [steps('charge', 3), steps('yellow', 0)], words: ['tart'] },
  { method: 'smallDrum', expected: 'hotStart', heat: [steps('charge', 3), steps('yellow', 0)], words: ['grassy'] },
  { method: 'shaken', expected: 'hotStart', heat: [steps('charge', 3), steps('yellow', 0)] },
  { method: 'pan', expected: 'hotStart', heat: [steps('charge', 3), steps('yellow', -1)], words: ['tart'] },
  // Browning rushed.
  { method: 'stovetopPopper', expected: 'rushedBrowning', heat: [steps('yellow', 3)], words: ['tart', 'lemony'] },
  { method: 'smallDrum', expected: 'rushedBrowning', heat: [steps('yellow', 3)], words: ['lemony'] },
  { method: 'pan', expected: 'rushedBrowning', heat: [steps('yellow', 3)], words: ['grassy'] },
  { method: 'shaken', expected: 'rushedBrowning', heat: [steps('yellow', 3)] },
  { method: 'heatGun', expected: 'rushedBrowning', heat: [steps('yellow', 3)], words: ['sour'] },
  // Browning dragged.
  {
    method: 'stovetopPopper',
    expected: 'draggedBrowning',
    heat: [steps('yellow', -2), steps('firstCrack', 0)],
    words: ['flat'],
  },
  {
    method: 'smallDrum',
    expected: 'draggedBrowning',
    heat: [steps('yellow', -2), steps('firstCrack', 0)],
    words: ['woody'],
  },
  // A stall after first crack.
  { method: 'smallDrum', expected: 'stall', heat: [steps('firstCrack', -4)], words: ['bready'], probe: true },
  { method: 'stovetopPopper', expected: 'stall', heat: [steps('firstCrack', -4)], words: ['papery'], probe: true },
  { method: 'shaken', expected: 'stall', heat: [steps('firstCrack', -4)], words: ['bready'] },
  { method: 'heatGun', expected: 'stall', heat: [steps('firstCrack', -3)], words: ['flat'] },
  // Too long in all.
  { method: 'stovetopPopper', expected: 'overLong', heat: [steps('charge', -2)], words: ['bready'] },
  { method: 'smallDrum', expected: 'overLong', heat: [steps('charge', -2)], words: ['flat'] },
  { method: 'shaken', expected: 'overLong', heat: [steps('charge', -2)], words: ['bready'] },
  // Hot gear.
  { method: 'hotAirPopper', expected: 'hotGear', minutesSinceLast: 2, words: ['tart'] },
  { method: 'smallDrum', expected: 'hotGear', minutesSinceLast: 2, words: ['tart'] },
  { method: 'smallDrum', expected: 'hotGear', minutesSinceLast: 1 },
  // Too little power.
  { method: 'smallDrum', expected: 'underpowered', supply: 0.86, words: ['flat'] },
  { method: 'stovetopPopper', expected: 'underpowered', supply: 0.86, words: ['bready'] },
  { method: 'heatGun', expected: 'underpowered', supply: 0.86, words: ['flat'] },
  { method: 'hotAirPopper', expected: 'underpowered', supply: 0.9, words: ['flat'] },
  // Cold and wind.
  { method: 'heatGun', expected: 'coldPlace', ambientC: -4, wind: 'strong', words: ['flat'] },
  { method: 'hotAirPopper', expected: 'coldPlace', ambientC: 2, wind: 'strong', words: ['bready'] },
  // Scorched.
  {
    method: 'heatGun',
    expected: 'scorched',
    nearCm: 2,
    staysNear: true,
    neverStirred: true,
    heat: [steps('charge', 4)],
    words: ['ashy'],
  },
  {
    method: 'heatGun',
    expected: 'scorched',
    nearCm: 2,
    staysNear: true,
    neverStirred: true,
    heat: [steps('charge', 4)],
    words: ['harsh'],
    batchTimes: 1.06,
  },
  {
    method: 'heatGun',
    expected: 'scorched',
    nearCm: 2,
    staysNear: true,
    neverStirred: true,
    heat: [steps('charge', 4)],
  },
  // Beans that are not alike.
  { method: 'stovetopPopper', expected: 'mixedBeans', lot: { grading: 'mixed', process: 'natural' } },
  { method: 'smallDrum', expected: 'mixedBeans', lot: { grading: 'mixed', process: 'natural' } },
  { method: 'pan', expected: 'mixedBeans', lot: { grading: 'mixed', process: 'wetHulled' } },
  // The batch.
  { method: 'stovetopPopper', expected: 'bigBatch', batchTimes: 1.35, words: ['flat'] },
  { method: 'smallDrum', expected: 'bigBatch', batchTimes: 1.4, words: ['bready'] },
  { method: 'hotAirPopper', expected: 'bigBatch', batchTimes: 1.6, words: ['harsh'] },
  { method: 'shaken', expected: 'smallBatch', batchTimes: 0.6, words: ['tart'] },
  { method: 'smallDrum', expected: 'smallBatch', batchTimes: 0.6, words: ['grassy'] },
  // The pull.
  { method: 'smallDrum', expected: 'stoppedShort', pulledAt: 2, words: ['tart'] },
  { method: 'stovetopPopper', expected: 'stoppedShort', pulledAt: 2, words: ['grassy'] },
  { method: 'hotAirPopper', expected: 'wentTooFar', pulledAt: 6, words: ['bitter'] },
  { method: 'oven', expected: 'wentTooFar', pulledAt: 6, words: ['ashy'] },
  { method: 'smallDrum', expected: 'slowCooling', cooledAfterS: 420, words: ['bitter'] },
  { method: 'hotAirPopper', expected: 'slowCooling', cooledAfterS: 360, words: ['flat'] },
  // The mark.
  { method: 'smallDrum', expected: 'misMarked', markedEarlyS: 70, probe: true },
  { method: 'stovetopPopper', expected: 'misMarked', markedEarlyS: 55, probe: true },
  { method: 'hotAirPopper', expected: 'misMarked', markedEarlyS: 35, probe: true },
  // Old green.
  {
    method: 'smallDrum',
    expected: 'oldGreen',
    lot: { packs: [{ grams: 5000, boughtOn: '2024-09-01' }] },
    words: ['woody'],
  },
  {
    method: 'hotAirPopper',
    expected: 'oldGreen',
    lot: { packs: [{ grams: 5000, boughtOn: '2025-02-01' }] },
    words: ['flat'],
  },
  // Forgotten marks: nothing can be said but what to record.
  { method: 'smallDrum', expected: 'nothing', forgotten: ['yellow', 'firstCrack'] },
  { method: 'hotAirPopper', expected: 'nothing', forgotten: ['yellow'] },
  { method: 'stovetopPopper', expected: 'nothing', forgotten: ['firstCrack'] },
];

/** The same faults, about half as large. */
export const moderate: readonly Story[] = [
  { method: 'stovetopPopper', expected: 'hotStart', heat: [steps('charge', 2), steps('yellow', 0)], words: ['tart'] },
  { method: 'smallDrum', expected: 'hotStart', heat: [steps('charge', 2), steps('yellow', 0)], words: ['grassy'] },
  { method: 'pan', expected: 'hotStart', heat: [steps('charge', 2), steps('yellow', 0)], words: ['tart'] },
  { method: 'stovetopPopper', expected: 'rushedBrowning', heat: [steps('yellow', 2)], words: ['tart'] },
  { method: 'smallDrum', expected: 'rushedBrowning', heat: [steps('yellow', 2)], words: ['lemony'] },
  { method: 'shaken', expected: 'rushedBrowning', heat: [steps('yellow', 2)], words: ['grassy'] },
  { method: 'heatGun', expected: 'rushedBrowning', heat: [steps('yellow', 2)], words: ['tart'] },
  ...(['stovetopPopper', 'smallDrum', 'shaken'] as const).map(
    (method): Story => ({
      method,
      expected: 'draggedBrowning',
      heat: [steps('yellow', -1), steps('firstCrack', 0)],
      words: ['flat'],
    }),
  ),
  { method: 'smallDrum', expected: 'stall', heat: [steps('firstCrack', -3)], words: ['bready'], probe: true },
  { method: 'stovetopPopper', expected: 'stall', heat: [steps('firstCrack', -3)], words: ['bready'], probe: true },
  { method: 'stovetopPopper', expected: 'overLong', heat: [steps('charge', -1)], words: ['bready'] },
  { method: 'smallDrum', expected: 'overLong', heat: [steps('charge', -1)], words: ['bready'] },
  { method: 'hotAirPopper', expected: 'hotGear', minutesSinceLast: 5, words: ['tart'] },
  { method: 'smallDrum', expected: 'hotGear', minutesSinceLast: 4, words: ['tart'] },
  { method: 'smallDrum', expected: 'underpowered', supply: 0.92, words: ['flat'] },
  { method: 'stovetopPopper', expected: 'underpowered', supply: 0.92, words: ['bready'] },
  { method: 'hotAirPopper', expected: 'underpowered', supply: 0.95, words: ['flat'] },
  { method: 'heatGun', expected: 'coldPlace', ambientC: 2, wind: 'strong', words: ['flat'] },
  { method: 'stovetopPopper', expected: 'bigBatch', batchTimes: 1.2, words: ['flat'] },
  { method: 'smallDrum', expected: 'bigBatch', batchTimes: 1.2, words: ['bready'] },
  { method: 'smallDrum', expected: 'smallBatch', batchTimes: 0.78, words: ['tart'] },
  { method: 'shaken', expected: 'smallBatch', batchTimes: 0.78, words: ['grassy'] },
  { method: 'smallDrum', expected: 'stoppedShort', pulledAt: 3, words: ['tart'] },
  { method: 'stovetopPopper', expected: 'stoppedShort', pulledAt: 3, words: ['grassy'] },
  { method: 'hotAirPopper', expected: 'wentTooFar', pulledAt: 5, words: ['bitter'] },
  { method: 'oven', expected: 'wentTooFar', pulledAt: 5, words: ['bitter'] },
  { method: 'smallDrum', expected: 'slowCooling', cooledAfterS: 290, words: ['bitter'] },
  { method: 'stovetopPopper', expected: 'misMarked', markedEarlyS: 45 },
  {
    method: 'smallDrum',
    expected: 'oldGreen',
    lot: { packs: [{ grams: 5000, boughtOn: '2025-08-01' }] },
    words: ['papery'],
  },
];

const soundMethods: readonly MethodId[] = [
  'hotAirPopper',
  'stovetopPopper',
  'pan',
  'oven',
  'heatGun',
  'shaken',
  'breadMachine',
  'smallDrum',
];

/** Sound roasts: liked ones, and ones that somebody complained of though nothing was wrong with the roast. */
export const sound: readonly Story[] = soundMethods.flatMap((method): Story[] => [
  { method, expected: 'nothing' },
  { method, expected: 'nothing', wanted: 5 },
  { method, expected: 'nothing', wanted: 3, overall: 6.5 },
  { method, expected: 'nothing', words: ['tart'] },
  { method, expected: 'nothing', words: ['bitter'] },
  { method, expected: 'nothing', words: ['flat'] },
]);
