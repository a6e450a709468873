import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Lot } from '@/core/bean';
import { type Gear, methodIds, methodOf } from '@/core/gear';
import { controlsFault, draftOfGear, gearReaders, keysOf, pickedControls } from '@/ui/forms/gearDraft';
import { dateTrouble, draftOfLot, emptyPack, lotReaders, packOf, packReaders } from '@/ui/forms/lotDraft';
import { numberReader, optional, readDraft, textReader } from '@/ui/forms/readDraft';

/** Reads a draft and gives what was read with every message, by field. */
function reading<R extends Parameters<typeof readDraft>[1]>(draft: Record<string, string>, readers: R) {
  const said: Record<string, string> = {};
  const firsts: string[] = [];
  const read = readDraft(draft as never, readers, (field, message, first) => {
    said[field] = message;
    if (first) firsts.push(field);
  });
  return { read, said, firsts };
}

describe('reading a form', () => {
  const readers = {
    water: numberReader(10, 500, 'ml', '200'),
    note: textReader(5),
    cups: optional(numberReader(1, 9, '', '2')),
  };
  it('gives the values where all can be read', () => {
    assert.deepEqual(reading({ water: '200 ML', note: ' windy day ', cups: '' }, readers).read, {
      water: 200,
      note: 'windy',
      cups: undefined,
    });
  });
  it('says what is wrong beside every field, takes the first one the focus, and gives nothing', () => {
    const { read, said, firsts } = reading({ water: '3', note: '', cups: 'a few' }, readers);
    assert.equal(read, undefined);
    assert.match(said.water ?? '', /3 ml is outside what can be.*10 ml.*500 ml/);
    assert.match(said.cups ?? '', /“a few”/);
    assert.deepEqual(firsts, ['water']);
  });
});

describe('the form of beans', () => {
  const lot = {
    name: 'Quay Gate',
    origin: 'Brazil',
    process: 'natural',
    packs: [{ grams: 1000, priceMinor: 1250, carriageMinor: 300, boughtOn: '2026-10-01' }, { grams: 453.6 }],
    gramsPerMl: 0.7,
    moisturePercent: 10.5,
    scoopGrams: 11.8,
    note: 'from the neighbour',
  } as unknown as Lot;

  it('comes back from its own fields as it was, in either unit', () => {
    for (const unit of ['g', 'oz'] as const) {
      const draft = draftOfLot(lot, unit, 'EUR');
      const { mark, screen, hundredMl, moisture, arrivedOn, scoop, expected, tasted, note } = draft;
      const { read, said } = reading(
        { mark, screen, hundredMl, moisture, arrivedOn, scoop, expected, tasted, note },
        lotReaders(unit),
      );
      assert.deepEqual(said, {});
      assert.ok(read);
      assert.ok(Math.abs(Number(read.hundredMl) - 70) < 0.2);
      assert.ok(Math.abs(Number(read.scoop) - 11.8) < 0.2);
      assert.deepEqual([read.moisture, read.arrivedOn, read.note], [10.5, undefined, 'from the neighbour']);
      const packs = draft.packs.map((pack) => {
        const readPack = reading({ ...pack }, packReaders(unit, 'EUR'));
        assert.deepEqual(readPack.said, {});
        return packOf(readPack.read as never);
      });
      assert.equal(packs.length, 2);
      assert.ok(Math.abs((packs[0]?.grams ?? 0) - 1000) < 0.2);
      assert.deepEqual([packs[0]?.priceMinor, packs[0]?.carriageMinor, packs[0]?.boughtOn], [1250, 300, '2026-10-01']);
      assert.deepEqual(Object.keys(packs[1] ?? {}), ['grams'], 'what was left empty is absent');
    }
  });

  it('begins empty, with one pack', () => {
    const draft = draftOfLot(undefined, 'g', 'EUR');
    assert.deepEqual([draft.name, draft.process, draft.packs], ['', 'other', [emptyPack]]);
    assert.match(reading({ ...emptyPack }, packReaders('g', 'EUR')).said.grams ?? '', /weight such as 80 g/);
  });

  it('refuses amounts that no pack has, and days in the wrong order', () => {
    assert.ok(reading({ ...emptyPack, grams: '-3 kg' }, packReaders('g', 'EUR')).said.grams);
    assert.ok(reading({ ...emptyPack, grams: '1 kg', price: 'cheap' }, packReaders('g', 'EUR')).said.price);
    const today = '2026-11-24';
    assert.equal(dateTrouble('2026-11-01', ['2026-11-02'], today), undefined);
    assert.equal(dateTrouble(undefined, [], today), undefined);
    assert.equal(dateTrouble('2026-11-25', [], today)?.field, 'arrivedOn');
    assert.deepEqual(dateTrouble(undefined, ['2026-11-01', '2026-12-01'], today)?.pack, 1);
    assert.match(
      dateTrouble('2026-11-10', ['2026-11-12', '2026-11-09'], today)?.message ?? '',
      /bought before they arrived/,
    );
  });
});

describe('the form of gear', () => {
  it('takes the method’s own controls until others are ticked', () => {
    for (const method of methodIds) {
      const keys = keysOf(methodOf(method).controls);
      assert.equal(pickedControls(keys, method), undefined, method);
      assert.equal(pickedControls([...keys].reverse(), method), undefined, 'the order of ticks says nothing');
    }
    const picked = pickedControls(['flameSteps'], 'stovetopPopper');
    assert.deepEqual(keysOf(picked ?? []), ['flameSteps']);
  });

  it('comes back from its own fields as it was', () => {
    const gear = {
      nickname: 'Crank pot',
      method: 'stovetopPopper',
      usualGrams: 225,
      largestGrams: 280,
      watts: 1800,
      priceMinor: 4550,
      coolDownMin: 12,
      preheatMin: 3,
      probe: { name: 'Thin probe', unit: 'F', where: 'lid' },
    } as unknown as Gear;
    const draft = draftOfGear(gear, 'g', 'EUR');
    const { usual, largest, watts, price, coolDown, preheat, reminders, note } = draft;
    const { read, said } = reading(
      { usual, largest, watts, price, coolDown, preheat, reminders, note },
      gearReaders('g', 'EUR'),
    );
    assert.deepEqual(said, {});
    assert.deepEqual(
      [read?.usual, read?.largest, read?.watts, read?.price, read?.coolDown, read?.preheat],
      [225, 280, 1800, 4550, 12, 3],
    );
    assert.deepEqual(
      [draft.hasProbe, draft.probeName, draft.probeUnit, draft.probeWhere],
      [true, 'Thin probe', 'F', 'lid'],
    );
  });

  it('keeps every batch it accepts, to a tenth of a gram', () => {
    fc.assert(
      fc.property(fc.integer({ min: 50, max: 50_000 }), (tenths) => {
        const draft = draftOfGear({ nickname: 'x', method: 'pan', usualGrams: tenths / 10 } as Gear, 'g', 'EUR');
        const { read } = reading({ usual: draft.usual }, { usual: gearReaders('g', 'EUR').usual });
        assert.ok(Math.abs(Number(read?.usual) - tenths / 10) < 1e-9);
      }),
      { seed: 71 },
    );
  });
});

describe('the controls of gear', () => {
  it('are each ticked one way, and no more than have a place at the heat', () => {
    assert.equal(controlsFault(['flameSteps', 'lid', 'stir']), undefined);
    assert.match(controlsFault(['flameSteps', 'flameWords']) ?? '', /^Flame is ticked in two ways\./);
    assert.match(controlsFault(['celsius', 'lid', 'fahrenheit']) ?? '', /^Oven is ticked in two ways\./);
    const many = [
      'heatSteps',
      'flameSteps',
      'gunSetting',
      'celsius',
      'airSteps',
      'fan',
      'lid',
      'tilt',
      'stir',
    ] as const;
    assert.match(controlsFault(many) ?? '', /8 controls at most/);
    assert.equal(controlsFault(many.slice(1)), undefined);
  });
});
