import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { circumstancesOf } from '@/core/forecast';
import {
  controlCatalogue,
  controlKeyOf,
  controlKeys,
  controlSchema,
  controlsOf,
  coolDownMinOf,
  coolsForS,
  type Gear,
  initialValue,
  judgeBatch,
  largestGramsOf,
  methodOf,
  nextBatchToTry,
  proposedGreen,
  proposedValue,
  remindersOf,
  steppedValue,
  traysOf,
  usualGramsOf,
} from '@/core/gear';

const popper = { method: 'hotAirPopper' as const };

describe('the figures of gear', () => {
  it('are the method’s until the person says otherwise', () => {
    assert.deepEqual([usualGramsOf(popper), largestGramsOf(popper), coolDownMinOf(popper)], [80, 120, 22.5]);
    const own = { ...popper, usualGrams: 95, largestGrams: 100, coolDownMin: 12 };
    assert.deepEqual([usualGramsOf(own), largestGramsOf(own), coolDownMinOf(own)], [95, 100, 12]);
    assert.equal(usualGramsOf({ ...popper, largestGrams: 60 }), 50, 'well within its largest');
    const before = (gearId: string) =>
      proposedGreen({ ...own, id: 'gear:own00000' as Gear['id'] }, { gearId, greenGrams: 88 });
    assert.deepEqual(
      [before('gear:own00000'), before('gear:other000')],
      [88, 95],
      'as before, on it and not on another',
    );
    assert.equal(controlsOf(popper), methodOf('hotAirPopper').controls);
    assert.deepEqual(controlsOf({ ...popper, controls: [] }), []);
  });
});

describe('cooling', () => {
  it('counts down from the pull to nothing', () => {
    const own = { ...popper, coolDownMin: 12 };
    assert.deepEqual(
      [0, 5, 12, 60].map((minutes) => coolsForS(own, 0, minutes * 60_000)),
      [720, 420, 0, 0],
    );
  });
});

describe('controls', () => {
  it('of the catalogue are valid, and found again by what is stored', () => {
    for (const key of controlKeys) {
      const control = controlSchema.parse(controlCatalogue[key]);
      assert.equal(controlKeyOf(control), key);
    }
  });
  it('step up and down and stop at their ends', () => {
    const { flameWords, celsius, lid, stir } = controlCatalogue;
    assert.equal(initialValue(flameWords), 'medium');
    assert.equal(steppedValue(flameWords, 'medium', -1), 'low');
    assert.equal(steppedValue(flameWords, 'high', 1), 'high');
    assert.equal(steppedValue(celsius, 300, 1), 300);
    assert.equal(steppedValue(celsius, 250, -1), 240);
    assert.equal(steppedValue(lid, 'on', 1), undefined);
    assert.equal(steppedValue(stir, undefined, 1), undefined);
  });
  it('is proposed a step from where it stood, inside what it has', () => {
    const [lid, tilt] = controlsOf({ method: 'hotAirPopper' });
    assert.ok(lid?.kind === 'switch' && tilt?.kind === 'step');
    assert.deepEqual([proposedValue(lid, lid.on), proposedValue(lid)], [lid.off, lid.on]);
    assert.deepEqual(
      [undefined, tilt.least, tilt.most, 'high'].map((stood) => proposedValue(tilt, stood)),
      [tilt.start + tilt.by, tilt.least + tilt.by, tilt.most - tilt.by, tilt.start + tilt.by].map(String),
    );
    assert.deepEqual(
      [undefined, 'low', 'high'].map((stood) => proposedValue(controlCatalogue.flameWords, stood)),
      ['high', 'medium', 'medium'],
    );
  });
});

describe('batch size', () => {
  it('is warned about outside the range, asked about above the largest, and absurd far beyond', () => {
    assert.equal(judgeBatch(popper, 80).kind, 'fits');
    assert.deepEqual(judgeBatch(popper, 40), { kind: 'below', leastGrams: 50, mostGrams: 120 });
    assert.deepEqual(judgeBatch(popper, 130), { kind: 'above', leastGrams: 50, mostGrams: 120 });
    assert.deepEqual(judgeBatch({ ...popper, largestGrams: 100 }, 110), { kind: 'aboveLargest', largestGrams: 100 });
    assert.deepEqual(judgeBatch(popper, 5000), { kind: 'absurd', mostGrams: 120 });
  });
  it('of fresh gear begins at the usual amount and is raised in small steps, never within a tenth of its largest', () => {
    assert.deepEqual(nextBatchToTry(popper, []), { grams: 80, stepGrams: 10 });
    assert.deepEqual(nextBatchToTry(popper, [80, 90]), { grams: 100, stepGrams: 10 });
    // Largest 120 g: nothing above 105 g is proposed.
    assert.deepEqual(nextBatchToTry(popper, [98]), { grams: 105, stepGrams: 10 });
    assert.equal(nextBatchToTry(popper, [118]), undefined);
    assert.equal(nextBatchToTry(popper, [80, 80, 85, 90, 90]), undefined, 'by then the person knows');
  });
});

describe('two trays in one oven', () => {
  const oven = { method: 'oven', trays: 2 } as const;
  it('take twice the batch, unless the person said what goes in', () => {
    assert.deepEqual([usualGramsOf(oven), largestGramsOf(oven)], [450, 900]);
    assert.deepEqual(judgeBatch(oven, 700), { kind: 'fits' });
    assert.deepEqual(judgeBatch(oven, 950), { kind: 'above', leastGrams: 100, mostGrams: 900 });
    assert.equal(largestGramsOf({ ...oven, largestGrams: 500 }), 500);
  });
  it('are called to be changed over, where no reminder of their own comes again', () => {
    assert.deepEqual(
      remindersOf(oven).map(({ when }) => when),
      [{ kind: 'at', atS: 180, everyS: 180 }],
    );
    const own = { when: { kind: 'at', atS: 120, everyS: 120 }, text: 'Turn' } as const;
    assert.deepEqual(remindersOf({ ...oven, reminders: [own] }), [own]);
    assert.deepEqual(remindersOf({ method: 'oven' }), []);
  });
  it('heat as one tray does with half of the beans; a popper has none', () => {
    const batch = { lotId: 'lot:a', gearId: 'gear:a', greenGrams: 400, wantedShade: 4 } as unknown as Parameters<
      typeof circumstancesOf
    >[0];
    const gear = { ...oven, id: 'gear:a', nickname: 'Oven', createdAt: '' } as unknown as Parameters<
      typeof circumstancesOf
    >[2];
    assert.equal(circumstancesOf(batch, undefined, gear).greenGrams, 200);
    assert.equal(traysOf({ method: 'hotAirPopper', trays: 2 }), 1);
  });
});
