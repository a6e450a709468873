import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import {
  blendMean,
  blendTakings,
  blendWarnings,
  boughtGrams,
  densityOf,
  greenLeft,
  type Lot,
  lotAge,
  measuresOf,
  parseSamples,
} from '@/core/bean';
import type { Id } from '@/core/ids';
import { issueSentence } from '@/core/issues';

const lotOf = (facts: Partial<Lot> = {}): Lot => ({
  id: 'lot:test0001' as Id<'lot'>,
  name: 'Lantern Terrace',
  origin: 'Peru',
  process: 'washed',
  packs: [{ grams: 1000 }],
  createdAt: '2026-11-01T10:00:00.000Z',
  ...facts,
});
const taking = (at: string, grams: number) => ({ takenAt: `${at}T10:00:00.000Z`, grams });

describe('green left', () => {
  it('is what the packs held less what roasts and blends took', () => {
    const packs = [{ grams: 1000 }, { grams: 500, boughtOn: '2026-11-10' }];
    assert.equal(boughtGrams({ packs }), 1500);
    assert.equal(greenLeft({ packs }, [taking('2026-11-02', 80), taking('2026-11-12', 120)]), 1300);
  });
  it('counts from the last weighing: earlier roasts no more, later roasts and later packs still', () => {
    const lot = {
      packs: [
        { grams: 1000, boughtOn: '2026-10-01' },
        { grams: 500, boughtOn: '2026-11-10' },
      ],
      weighings: [
        { weighedAt: '2026-11-05T12:00:00.000Z', leftGrams: 640 },
        { weighedAt: '2026-10-20T12:00:00.000Z', leftGrams: 900 },
      ],
    };
    // 640 weighed on 5 Nov, 500 bought on 10 Nov, 120 roasted on 12 Nov.
    assert.equal(greenLeft(lot, [taking('2026-11-02', 80), taking('2026-11-12', 120)]), 1020);
  });
  it('goes below zero rather than hide a missing pack', () => {
    assert.equal(greenLeft({ packs: [{ grams: 100 }] }, [taking('2026-11-02', 160)]), -60);
  });
  it('is taken by a blend in its shares', () => {
    const blend = lotOf({
      id: 'lot:blend001' as Id<'lot'>,
      packs: [{ grams: 400 }],
      blendOf: [
        { lotId: 'lot:test0001' as Id<'lot'>, share: 0.6 },
        { lotId: 'lot:test0002' as Id<'lot'>, share: 0.4 },
      ],
    });
    assert.deepEqual(blendTakings([lotOf(), blend], 'lot:test0002'), [{ takenAt: blend.createdAt, grams: 160 }]);
  });
});

describe('age', () => {
  const bought = (boughtOn: string) => ({ packs: [{ grams: 1, boughtOn }] });
  it('goes by storage: half a year fresh, a year good when cool, dark and dry (handbook, section 2)', () => {
    assert.equal(lotAge(bought('2026-08-01'), '2026-11-24')?.state, 'fresh');
    assert.equal(lotAge(bought('2026-03-01'), '2026-11-24')?.state, 'useSoon');
    assert.equal(lotAge(bought('2025-10-01'), '2026-11-24')?.state, 'old');
    assert.equal(lotAge({ ...bought('2025-10-01'), storage: 'sealedCold' }, '2026-11-24')?.state, 'fresh');
    assert.equal(lotAge({ ...bought('2026-08-01'), storage: 'warmCupboard' }, '2026-11-24')?.state, 'useSoon');
  });
  it('counts from the arrival before the purchase, and is unknown without either', () => {
    const age = lotAge({ ...bought('2026-11-01'), arrivedOn: '2026-01-24' }, '2026-11-24');
    assert.ok(age && Math.abs(age.months - 9.99) < 0.02, `${age?.months} months`);
    assert.equal(age.keepsUntil, '2027-01-24');
    assert.equal(lotAge({ packs: [{ grams: 1 }] }, '2026-11-24'), undefined);
  });
});

describe('density and measures', () => {
  it('trusts the scale before the seller', () => {
    assert.equal(densityOf({ gramsPerMl: 0.76, densityClass: 'light' }), 'dense');
    assert.equal(densityOf({ densityClass: 'light' }), 'light');
    assert.equal(densityOf({}), undefined);
  });
  it('weighs cups and spoons by the density, scoops as they were weighed', () => {
    const { cup, spoon, scoop } = measuresOf({ gramsPerMl: 0.7, scoopGrams: 12.5 }, 'g');
    assert.deepEqual([cup, spoon, scoop], [175, 10.5, 12.5]);
    // Two tablespoons where none was weighed; roasted to light 0.42 g/ml.
    assert.equal(measuresOf({}, 'oz').scoop, 21);
    assert.equal(measuresOf({}, 'oz').cup?.toFixed(1), '165.9');
    assert.equal(measuresOf({}, 'g', 1).tablespoon?.toFixed(2), '6.30');
  });
});

describe('blends', () => {
  it('are warned about where densities differ or some colour early', () => {
    const [light, dense] = [lotOf({ gramsPerMl: 0.64 }), lotOf({ gramsPerMl: 0.77 })];
    assert.match(blendWarnings([light, dense])[0] ?? '', /0\.64 against 0\.77 g\/ml/);
    assert.deepEqual(blendWarnings([lotOf({ gramsPerMl: 0.7 }), lotOf({ gramsPerMl: 0.74 })]), []);
    assert.deepEqual(blendWarnings([lotOf(), dense]), [], 'nothing is said of a density nobody knows');
    assert.match(
      blendWarnings([lotOf({ name: 'Kite Hill', process: 'natural' }), lotOf()])[0] ?? '',
      /^Kite Hill will/,
    );
  });
  it('have the mean of their parts where all parts have a figure', () => {
    const value = blendMean([
      { share: 0.6, value: 11 },
      { share: 0.4, value: 12 },
    ]);
    assert.ok(value !== undefined && Math.abs(value - 11.4) < 1e-9);
    assert.equal(blendMean([{ share: 1, value: undefined }]), undefined);
  });
});

describe('samples', () => {
  const text = 'Kite Hill, Ethiopia, natural, 100 g\n\nThree Herons; Rwanda; 0,25 kg\nRain Ladder, wet-hulled, 4 oz';
  it('come a line each, the parts in any order, decimal commas too', () => {
    const read = parseSamples(text, 'g');
    assert.ok(read.ok);
    assert.deepEqual(
      read.value.map(({ name, origin, process, grams }) => [name, origin, process, Math.round(grams)]),
      [
        ['Kite Hill', 'Ethiopia', 'natural', 100],
        ['Three Herons', 'Rwanda', 'other', 250],
        ['Rain Ladder', '', 'wetHulled', 113],
      ],
    );
  });
  it('keep all that was said of the origin, a variety with a number in its name too, and need no blank before a weight', () => {
    const read = parseSamples('Kite Hill, Kenya, SL28, Washed,0,5 kg\n3 Herons;Rwanda;250\nRain Ladder,½ lb', 'g');
    assert.ok(read.ok);
    assert.deepEqual(read.value, [
      { name: 'Kite Hill', origin: 'Kenya, SL28', process: 'washed', grams: 500 },
      { name: '3 Herons', origin: 'Rwanda', process: 'other', grams: 250 },
      { name: 'Rain Ladder', origin: '', process: 'other', grams: 453.59237 / 2 },
    ]);
  });
  it('say which line lacks what', () => {
    const read = parseSamples('Kite Hill, 100 g\nThree Herons, Rwanda\nX, 3 stone', 'g');
    assert.ok(!read.ok);
    assert.deepEqual(
      read.issues.map((issue) => [issue.path[0], issueSentence(issue)]),
      [
        [1, 'Fill this in: a weight at the end, as in Kite Hill, Ethiopia, natural, 100 g.'],
        [2, '“stone” is no unit known here. Use g, kg, oz, lb.'],
      ],
    );
  });
});
