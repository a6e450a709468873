import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { type Brew, brewedWords, type Cup, gramsPerLitre, unusualBrew } from '@/core/taste';
import { formatWeight } from '@/core/units';
import { draftOfBrew, plainBrew, readBrew } from '@/views/taste/brewDraft';

const grams = (weight: number) => formatWeight(weight, 'g');
const cup = (brew: Brew) => ({ brew }) as Cup;

describe('how a cup was brewed', () => {
  it('is said with what is known of it', () => {
    assert.equal(brewedWords({ how: 'immersion', grams: 12, waterMl: 200 }, grams), 'by immersion, 12 g to 200 ml');
    assert.equal(brewedWords({ how: 'filter', waterMl: 300 }, grams), 'through a filter, 300 ml');
    assert.equal(brewedWords({ how: 'espresso' }, grams), 'as espresso');
  });

  it('is compared with 50 to 70 g a litre, but not for espresso', () => {
    assert.equal(gramsPerLitre({ how: 'immersion', grams: 15, waterMl: 250 }), 60);
    assert.equal(gramsPerLitre({ how: 'espresso', grams: 18, waterMl: 36 }), undefined);
    assert.equal(gramsPerLitre({ how: 'filter', grams: 18 }), undefined);
    assert.equal(
      unusualBrew([cup({ how: 'immersion', grams: 15, waterMl: 250 }), { words: [] } as unknown as Cup]),
      undefined,
    );
    const thin = unusualBrew([
      cup({ how: 'filter', grams: 14, waterMl: 200 }),
      cup({ how: 'filter', grams: 8, waterMl: 200 }),
      cup({ how: 'filter', grams: 16, waterMl: 200 }),
    ]);
    assert.equal(thin, 'A cup was brewed thin, 40 g a litre; 50 to 70 is usual.');
    assert.match(unusualBrew([cup({ how: 'other', grams: 20, waterMl: 200 })]) ?? '', /strong, 100 g a litre/);
  });
});

describe('the sheet’s brewing', () => {
  const read = (dose: string, waterMl: string, unit: 'g' | 'oz' = 'g') => {
    const said: string[] = [];
    const brew = readBrew({ ...plainBrew, dose, waterMl }, unit, (message) => said.push(message));
    return { brew, said };
  };
  it('may stay empty', () => {
    assert.deepEqual(read('', ' '), { brew: { how: 'immersion' }, said: [] });
  });
  it('reads amounts as people write them, in the household’s unit', () => {
    assert.deepEqual(read('15,5', '250').brew, { how: 'immersion', grams: 15.5, waterMl: 250 });
    assert.equal(read('0.5', '250', 'oz').brew?.grams, 14.2);
    assert.equal(read('15 g', '250', 'oz').brew?.grams, 15);
  });
  it('says what is wrong, the first thing first, and gives nothing', () => {
    const wrong = read('a spoon', '0');
    assert.equal(wrong.brew, undefined);
    assert.equal(wrong.said.length, 1);
    assert.match(wrong.said[0] ?? '', /^The coffee: /);
    assert.match(read('15', '3').said[0] ?? '', /^The water: /);
  });
  it('comes back as it was typed', () => {
    const brew: Brew = { how: 'filter', grams: 15.5, waterMl: 250 };
    assert.deepEqual(draftOfBrew(brew, 'g'), { how: 'filter', dose: '15.5', waterMl: '250' });
    assert.deepEqual(readBrew(draftOfBrew(brew, 'g'), 'g', assert.fail), brew);
    assert.deepEqual(draftOfBrew({ how: 'other' }, 'g'), { how: 'other', dose: '', waterMl: '' });
  });
});
