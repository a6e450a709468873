// The ramp from green to black, shades on it, lightness and loss, as they were last looked over.
import { it } from 'node:test';
import {
  beanColour,
  colourName,
  fieldColour,
  judgeLoss,
  lightnessOf,
  luminance,
  luminanceOf,
  shadeNumbers,
  shadeOf,
  shadeOfLightness,
  shadeTone,
  TONE,
} from '@/core/shade';
import { assertPinned } from '../pinned.ts';

it('colours, tones and lightness are what they were', () => {
  const tones = Array.from({ length: 21 }, (_, i) => i / 20);
  assertPinned('shade', {
    milestones: TONE,
    ramp: tones.map((tone) => [tone, beanColour(tone), fieldColour(tone), colourName(tone)].join(' ')),
    shades: shadeNumbers.map((shade) => [shade, shadeTone(shade).toFixed(4), JSON.stringify(shadeOf(shade))].join(' ')),
    // The foot of the curve is straight, below a luminance of 0.00886.
    lightness: [0, 0.001, 0.004, 0.0088, 0.009, 0.05, 0.18, 0.5, 1].map((y) => [
      y,
      lightnessOf(y),
      luminanceOf(lightnessOf(y)),
    ]),
    luminance: [luminance(1, 0, 0), luminance(0, 1, 0), luminance(0, 0, 1), luminance(0.2, 0.3, 0.4)],
    named: [60, 45, 38, 34, 31, 28, 25, 22, 18].map((lightness) => shadeOfLightness(lightness)),
    loss: [-1, 3, 9, 12.5, 14.7, 17, 21, 29, 31, 60].map((percent) =>
      judgeLoss(percent, { meanPercent: 14.7, sdPercent: 1 }),
    ),
  });
});
