// The figures of every method, its controls and what is said of batches on it, as they were last looked over.
import { it } from 'node:test';
import {
  controlsOf,
  coolDownMinOf,
  coolsForS,
  heatControl,
  initialValue,
  judgeBatch,
  largestGramsOf,
  methodIds,
  methodOf,
  nextBatchToTry,
  remindersOf,
  steppedValue,
  traysOf,
  usualGramsOf,
  valuesOf,
} from '@/core/gear';
import { assertPinned } from '../pinned.ts';

function figures(method: (typeof methodIds)[number]) {
  const { batchGrams } = methodOf(method);
  const gears = [
    { method },
    { method, trays: 2 as const, largestGrams: 300 },
    { method, usualGrams: 77, coolDownMin: 9 },
  ];
  return {
    method: methodOf(method),
    gear: gears.map((gear) => [
      traysOf(gear),
      coolDownMinOf(gear),
      coolsForS(gear, 0, 100_000),
      largestGramsOf(gear),
      usualGramsOf(gear),
    ]),
    batches: gears.map((gear) =>
      [0.3, 0.9, 1, 1.2, 2, 5, 9].map((times) => judgeBatch(gear, batchGrams.usual * times)),
    ),
    next: gears.map((gear) =>
      [[], [batchGrams.usual], [batchGrams.usual, batchGrams.most], [1, 1, 1, 1, 1]].map(
        (earlier) => nextBatchToTry(gear, earlier) ?? 'none',
      ),
    ),
    controls: controlsOf({ method }).map((control) => [
      control.id,
      valuesOf(control).join(' '),
      initialValue(control) ?? '–',
      steppedValue(control, initialValue(control), 1) ?? '–',
      steppedValue(control, initialValue(control), -1) ?? '–',
    ]),
    heat: heatControl(controlsOf({ method })) ?? 'none',
    reminders: remindersOf({ method }),
  };
}

/** A line each, so that a change is seen as one. */
const line = ([name, value]: [string, unknown]) => `${name}: ${JSON.stringify(value)}`;

it('every method has the figures that it had', () => {
  assertPinned(
    'gear',
    Object.fromEntries(methodIds.map((method) => [method, Object.entries(figures(method)).map(line)])),
  );
});
