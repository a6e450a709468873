import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { converter, modeLab, modeLrgb, modeOklch, modeRgb, useMode as register, wcagContrast } from 'culori/fn';
import {
  beanColour,
  believableLoss,
  colourName,
  fieldColour,
  judgeLoss,
  lossPercent,
  shadeName,
  shades,
  shadeTone,
  TONE,
} from '@/core/shade';
import { drawTables } from '@/core/shade/drawRamp.ts';
import { rampTable } from '@/core/shade/rampTable.ts';

for (const mode of [modeLab, modeRgb, modeLrgb, modeOklch]) register(mode);
const toLab = converter('lab');
const tones = Array.from({ length: 101 }, (_, i) => i / 100);

describe('the bean ramp', () => {
  it('stands in its table as it is drawn', () => assert.deepEqual(rampTable, drawTables()));
  it('runs without a jump that the eye would see', () => {
    for (let i = 1; i < tones.length; i++) {
      const step = Math.abs(
        (toLab(beanColour(tones[i] ?? 0))?.l ?? 0) - (toLab(beanColour(tones[i - 1] ?? 0))?.l ?? 0),
      );
      assert.ok(step < 3, `a jump of ${step} L* at tone ${tones[i]}`);
    }
  });
  it('gives colours that a screen can show, held at its ends', () => {
    for (const tone of tones) assert.match(beanColour(tone), /^#[0-9a-f]{6}$/);
    assert.equal(beanColour(-1), beanColour(0));
    assert.equal(beanColour(2), beanColour(1));
  });
  it('darkens steadily from yellow on', () => {
    const lightness = tones.filter((tone) => tone >= TONE.yellow).map((tone) => toLab(beanColour(tone))?.l ?? 0);
    for (let i = 1; i < lightness.length; i++) assert.ok((lightness[i] ?? 0) < (lightness[i - 1] ?? 0));
  });
  it('has each shade at its lightness of handbook table 5, within one L*', () => {
    for (const shade of shades) {
      const found = toLab(beanColour(shadeTone(shade.number)))?.l ?? 0;
      assert.ok(Math.abs(found - shade.lightness) < 1, `${shade.name}: L* ${found}, wanted ${shade.lightness}`);
    }
  });
  it('has first crack between yellow and the shade that comes just after it', () => {
    assert.ok(TONE.yellow < TONE.firstCrack && TONE.firstCrack < shadeTone(3));
  });
});

describe('the field', () => {
  for (const night of [false, true])
    it(`carries text at 7:1 or better at every colour, ${night ? 'by night' : 'by day'}`, () => {
      for (const tone of tones) {
        const { ground, text } = fieldColour(tone, night);
        assert.ok(wcagContrast(ground, text) >= 7, `tone ${tone}: ${ground} under ${text}`);
      }
    });
});

it('the seven shades are those of handbook table 5', () => {
  const written = Object.values(shades).map(({ number, name, traditional, landmark, lossPercent: loss, lightness }) =>
    [number, name, traditional, landmark, `${loss.mean} ± ${loss.sd}`, lightness].join(' | '),
  );
  assert.deepEqual(written, [
    '1 | cinnamon | cinnamon | first pops | 11.5 ± 1.2 | 45',
    '2 | light | light city | inside first crack | 12.5 ± 1.2 | 40',
    '3 | light-medium | city | first crack just over | 13.5 ± 1.2 | 35',
    '4 | medium | full city | quiet gap | 14.7 ± 1.2 | 30',
    '5 | medium-dark | full city plus | first snaps of second crack | 16.2 ± 1.3 | 25',
    '6 | dark | vienna | rolling second crack | 18 ± 1.5 | 21',
    '7 | very dark | french | second crack thinning, wet with oil | 20.5 ± 1.8 | 17',
  ]);
});

describe('names of shades and colours', () => {
  it('come in two schemes', () => {
    assert.equal(shadeName(4, 'ours'), 'medium');
    assert.equal(shadeName(4, 'traditional'), 'full city');
  });
  it('are the nearest word', () => {
    assert.equal(colourName(0.31), 'yellow');
    assert.equal(colourName(1), 'nearly black');
  });
});

describe('loss', () => {
  it('is worked by hand: 80 g to 68.24 g is 14.7 %', () =>
    assert.equal(lossPercent(80, 68.24).toFixed(6), '14.700000'));
  it('refuses a batch of nothing, naming value and unit', () => {
    assert.throws(() => lossPercent(0, 10), { name: 'RangeError', message: 'greenGrams must be above 0 g, got 0 g' });
  });
  it('is odd beyond two standard deviations of the shade', () => {
    assert.deepEqual(
      [12.2, 12.4, 14.7, 17, 17.2, -1].map((percent) => judgeLoss(percent, { meanPercent: 14.7, sdPercent: 1.2 })),
      ['low', 'usual', 'usual', 'usual', 'high', 'gained'],
    );
  });
});
it('a loss that no roast can have is none: nothing is learned or guessed from it', () => {
  assert.deepEqual(
    [85, 100, 110, 40, undefined].map((roasted) => believableLoss(100, roasted)),
    [15, 0, undefined, undefined, undefined],
  );
});
