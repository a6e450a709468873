import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { type Brew, brewedWords, type Cup, gramsPerLitre, unusualBrew } from '@/core/taste';

const grams = (value: number) => `${value} g`;
const cup = (brew?: Brew) => ({ brew }) as Cup;
const immersion = (dose: number, waterMl = 200): Brew => ({ how: 'immersion', grams: dose, waterMl });

describe('how a cup was brewed', () => {
  it('stands in words, with what is known of it', () => {
    assert.match(brewedWords(immersion(12), grams), /immersion, 12 g to 200 ml$/);
    assert.match(brewedWords({ how: 'immersion', waterMl: 200 }, grams), /immersion, 200 ml$/);
    assert.match(brewedWords({ how: 'immersion', grams: 12 }, grams), /immersion, 12 g$/);
    assert.match(brewedWords({ how: 'immersion' }, grams), /immersion$/);
  });
  it('has a strength where both are known, and not where it is strong by nature', () => {
    assert.equal(gramsPerLitre(immersion(12)), 60);
    assert.equal(gramsPerLitre({ how: 'immersion', grams: 12 }), undefined);
    assert.equal(gramsPerLitre({ how: 'immersion', waterMl: 200 }), undefined);
    assert.equal(gramsPerLitre({ how: 'espresso', grams: 18, waterMl: 36 }), undefined);
  });
  it('is told where it was unusual: the cup furthest from 50 to 70 g a litre', () => {
    assert.equal(unusualBrew([cup(immersion(10)), cup(immersion(14)), cup()]), undefined);
    assert.match(unusualBrew([cup(immersion(12)), cup(immersion(6))]) ?? '', /thin, 30 g a litre; 50 to 70/);
    assert.match(unusualBrew([cup(immersion(15))]) ?? '', /strong, 75 g/);
    assert.match(unusualBrew([cup(immersion(9.6)), cup(immersion(20))]) ?? '', /strong, 100 g/);
    assert.match(unusualBrew([cup(immersion(4)), cup(immersion(20))]) ?? '', /thin, 20 g/);
  });
});
