import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, it } from 'node:test';
import { greenLeft, lotTitle } from '@/core/bean';
import { controlSchema, initialValue, methodIds, methodOf } from '@/core/gear';
import { createId, idSchema } from '@/core/ids';
import { countingRandom } from './build.ts';

describe('methods (handbook table 4)', () => {
  for (const id of methodIds) {
    const method = methodOf(id);
    it(`${method.name} goes in order, and its ranges hold its middles`, () => {
      assert.ok(method.yellow.medianS < method.firstCrack.medianS && method.firstCrack.medianS < method.pull.medianS);
      for (const { earlyS, medianS, lateS } of [method.yellow, method.firstCrack, method.pull])
        assert.ok(earlyS < medianS && medianS < lateS);
      assert.ok(
        method.batchGrams.least <= method.batchGrams.usual && method.batchGrams.usual <= method.batchGrams.most,
      );
    });
    it(`${method.name} has controls that start inside their bounds`, () => {
      for (const control of method.controls) {
        controlSchema.parse(control);
        const value = initialValue(control);
        if (control.kind === 'step') assert.ok(Number(value) >= control.least && Number(value) <= control.most);
      }
    });
  }
});

describe('lots', () => {
  const taken = (...grams: number[]) => grams.map((each) => ({ takenAt: '2026-11-20T10:00:00.000Z', grams: each }));
  it('lose what the roasts took, below zero if need be', () => {
    assert.equal(greenLeft({ packs: [{ grams: 1000 }] }, taken(80, 120.5)), 799.5);
    assert.equal(greenLeft({ packs: [{ grams: 100 }] }, taken(80, 80)), -60);
  });
  it('are called by name and origin', () => {
    assert.equal(lotTitle({ name: 'Old Ferry', origin: 'India' }), 'Old Ferry, India');
    assert.equal(lotTitle({ name: 'Old Ferry', origin: '' }), 'Old Ferry');
  });
});

describe('ids', () => {
  it('carry their kind and are checked by it', () => {
    const id = createId('roast', countingRandom());
    assert.ok(idSchema('roast').safeParse(id).success);
    assert.match(id, /^roast:[0-9a-hjkmnp-tv-z]{12}$/, 'twelve letters of five bits');
    assert.ok(!idSchema('lot').safeParse(id).success);
    assert.ok(!idSchema('roast').safeParse('roast:').success);
  });
  it('do not repeat', () => {
    const random = countingRandom();
    assert.equal(new Set(Array.from({ length: 2000 }, () => createId('entry', random))).size, 2000);
  });
});

it('the core asks neither the clock nor chance: time and randomness come in as arguments', () => {
  const files = readdirSync('src/core', { recursive: true })
    .map(String)
    .filter((name) => name.endsWith('.ts'));
  for (const name of files)
    assert.doesNotMatch(readFileSync(join('src/core', name), 'utf8'), /Date\.now\(|Math\.random\(|new Date\(\)/, name);
});
