import type { Household } from './household.ts';

/** A household that has chosen nothing yet. Mug and dose: handbook, section 9; two mugs a day for one person. */
export const plainHousehold: Household = {
  name: '',
  weightUnit: 'g',
  temperatureUnit: 'C',
  shadeNames: 'ours',
  theme: 'system',
  currency: 'EUR',
  weekStart: 1,
  hourClock: '24',
  people: 1,
  gramsPerPersonDay: 29,
  mugMl: 240,
  gramsPerLitre: 60,
  restSchool: 'usual',
  cueTone: true,
  cueSpeech: true,
  cueVibration: true,
  cueText: true,
  readingEveryS: 30,
  takesCracks: false,
};
