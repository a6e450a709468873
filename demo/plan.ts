import type { Lot } from '../src/core/bean/index.ts';
import type { Gear } from '../src/core/gear/index.ts';
import type { Roast } from '../src/core/roast/index.ts';
import type { ShadeNumber } from '../src/core/shade/index.ts';

/** The made-up household of Wrenbury Quay: two people in a flat above a boatyard, roasting on a balcony. */
export const HOUSEHOLD_NAME = 'The flat above the boatyard, Wrenbury Quay';

/** Prices in pence. */
type DemoLot = Omit<Lot, 'id' | 'createdAt' | 'removedAt' | 'packs' | 'arrivedOn'> & {
  readonly key: string;
  readonly daysAgo: number;
  readonly pack: Lot['packs'][number];
  readonly arrivedDaysAgo?: number;
};

// biome-ignore format: a table
export const lots: readonly DemoLot[] = [
  { key: 'lantern', daysAgo: 118, name: 'Lantern Terrace', origin: 'Peru', process: 'washed', pack: { grams: 2500, priceMinor: 2450, carriageMinor: 350 }, arrivedDaysAgo: 150, storage: 'coolDarkDry', gramsPerMl: 0.71, moisturePercent: 10.8, grading: 'graded', screen: '16-18', scoopGrams: 12.5, expected: 'milk chocolate, orange', tasted: 'toffee, orange' },
  { key: 'herons', daysAgo: 118, name: 'Three Herons', origin: 'Rwanda', mark: 'Hill station', process: 'washed', pack: { grams: 1000, priceMinor: 1190, carriageMinor: 0 }, arrivedDaysAgo: 170, storage: 'coolDarkDry', gramsPerMl: 0.76, grading: 'graded', expected: 'black tea, apricot', tasted: 'tea, apricot' },
  { key: 'saltmarsh', daysAgo: 96, name: 'Saltmarsh decaf', origin: 'Honduras', process: 'decaf', pack: { grams: 1000, priceMinor: 1290, carriageMinor: 350 }, arrivedDaysAgo: 230, storage: 'coolDarkDry', densityClass: 'light', moisturePercent: 9.6 },
  { key: 'ferry', daysAgo: 80, name: 'Old Ferry', origin: 'India', process: 'natural', pack: { grams: 2500, priceMinor: 2190, carriageMinor: 350 }, arrivedDaysAgo: 110, storage: 'warmCupboard', grading: 'mixed', expected: 'cocoa, spice' },
  { key: 'rain', daysAgo: 40, name: 'Rain Ladder', origin: 'Sumatra', process: 'wetHulled', pack: { grams: 1000, priceMinor: 1090, carriageMinor: 350 }, arrivedDaysAgo: 60, moisturePercent: 12.8, densityClass: 'medium', tasted: 'cedar, thick' },
  { key: 'kite', daysAgo: 22, name: 'Kite Hill', origin: 'Ethiopia', process: 'natural', pack: { grams: 500, priceMinor: 790, carriageMinor: 250 }, arrivedDaysAgo: 45, grading: 'graded', gramsPerMl: 0.74, tasted: 'strawberry' },
];

/** `pace` is how this one piece stands to its method's usual times. */
// biome-ignore format: a table
export const gear: readonly (Omit<Gear, 'id' | 'createdAt' | 'removedAt'> & { key: string; pace: number })[] = [
  { key: 'popper', nickname: 'Blue popper', method: 'hotAirPopper', usualGrams: 80, largestGrams: 120, coolDownMin: 20, watts: 1200, priceMinor: 1800, place: 'outdoors', ventilation: 'openAir', pace: 1.3 },
  { key: 'crank', nickname: 'Crank pot', method: 'stovetopPopper', usualGrams: 225, preheatMin: 2, priceMinor: 3400, place: 'outdoors', ventilation: 'openAir', pace: 0.98 },
  { key: 'oven', nickname: 'Bottom oven', method: 'oven', usualGrams: 250, preheatMin: 12, watts: 2400, place: 'indoors', ventilation: 'hood', pace: 1.02 },
  { key: 'bowl', nickname: 'Bowl and gun', method: 'heatGun', usualGrams: 120, watts: 1600, priceMinor: 2900, place: 'outdoors', ventilation: 'openAir', pace: 0.95 },
  { key: 'rattle', nickname: 'Rattle drum', method: 'shaken', usualGrams: 180, probe: { name: 'Thin probe', unit: 'C', where: 'through the axle, in the beans' }, place: 'outdoors', ventilation: 'openAir', pace: 1.05 },
];

/** What made a day a story; most days have none. */
type Story =
  | 'baked'
  | 'scorched'
  | 'rushed'
  | 'slower'
  | 'misMarked'
  | 'staged'
  | 'hotGear'
  | 'unweighed'
  | 'best'
  | 'noYellow';

export interface PlannedRoast {
  readonly daysAgo: number;
  readonly lot: string;
  readonly gear: string;
  readonly shade: ShadeNumber;
  readonly place: Roast['place'];
  readonly story?: Story;
  readonly stars?: number;
  readonly note?: string;
}

const p = (
  daysAgo: number,
  lot: string,
  on: string,
  shade: ShadeNumber,
  rest: Partial<PlannedRoast> = {},
): PlannedRoast => ({
  daysAgo,
  lot,
  gear: on,
  shade,
  place: on === 'oven' ? 'indoors' : 'outdoors',
  ...rest,
});

// biome-ignore format: a table
export const roasts: readonly PlannedRoast[] = [
  p(116, 'lantern', 'popper', 4, { stars: 3, note: 'first go with this lot' }),
  p(115, 'herons', 'popper', 3, { stars: 3 }),
  p(112, 'lantern', 'crank', 4, { stars: 3 }),
  p(109, 'lantern', 'popper', 4, { story: 'rushed', stars: 2, note: 'tart, like lemon pith' }),
  p(108, 'herons', 'bowl', 3, { stars: 3 }),
  p(105, 'lantern', 'oven', 4, { story: 'baked', stars: 2, note: 'flat and bready, stood still in the middle' }),
  p(102, 'herons', 'popper', 2, { stars: 4, note: 'tea and apricot' }),
  p(98, 'lantern', 'crank', 5, { stars: 3 }),
  p(95, 'saltmarsh', 'crank', 5, { stars: 3, note: 'went brown early, hardly a sound' }),
  p(93, 'lantern', 'bowl', 4, { story: 'scorched', stars: 2, note: 'dark spots, gun too close at the start' }),
  p(90, 'lantern', 'popper', 4, { stars: 3 }),
  p(88, 'herons', 'rattle', 4, { stars: 4 }),
  p(85, 'saltmarsh', 'rattle', 5, { stars: 3 }),
  p(81, 'lantern', 'popper', 4, { story: 'misMarked', stars: 3, note: 'took a stray pop for first crack; put right afterwards' }),
  p(79, 'ferry', 'crank', 5, { stars: 3 }),
  p(76, 'ferry', 'crank', 6, { story: 'staged', stars: 4, note: 'three pulls to find out what it wants: the middle one' }),
  p(74, 'lantern', 'popper', 4, { story: 'rushed', stars: 2, note: 'tart again' }),
  p(70, 'lantern', 'popper', 4, { story: 'slower', stars: 4, note: 'lid off from yellow: sweeter' }),
  p(68, 'saltmarsh', 'crank', 5, { stars: 3 }),
  p(65, 'ferry', 'crank', 5, { stars: 4 }),
  p(61, 'herons', 'rattle', 3, { stars: 4 }),
  p(58, 'lantern', 'popper', 4, { story: 'slower', stars: 5, note: 'best cup yet: toffee and orange' }),
  p(57, 'lantern', 'popper', 4, { story: 'hotGear', stars: 3, note: 'second batch in a hot popper' }),
  p(52, 'ferry', 'oven', 5, { stars: 3, note: 'turned the tray at eight minutes' }),
  p(49, 'lantern', 'crank', 4, { stars: 3 }),
  p(46, 'saltmarsh', 'rattle', 5, { stars: 4 }),
  p(43, 'herons', 'bowl', 3, { stars: 3 }),
  p(39, 'rain', 'crank', 5, { stars: 3, note: 'patchy; the lot is like that' }),
  p(36, 'rain', 'rattle', 6, { stars: 4, note: 'cedar, thick' }),
  p(33, 'lantern', 'popper', 4, { story: 'slower', stars: 4 }),
  p(30, 'ferry', 'crank', 5, { story: 'noYellow', stars: 4, note: 'telephone rang, missed yellow' }),
  p(26, 'lantern', 'oven', 4, { stars: 3 }),
  p(21, 'kite', 'popper', 2, { stars: 4, note: 'strawberry, a little wild' }),
  p(19, 'kite', 'popper', 3, { stars: 5, note: 'all the fruit and no wildness' }),
  p(16, 'ferry', 'crank', 5, { stars: 4 }),
  p(12, 'lantern', 'popper', 4, { story: 'slower', stars: 4 }),
  p(9, 'rain', 'crank', 6, { story: 'staged', stars: 3, note: 'three pulls' }),
  p(6, 'lantern', 'bowl', 4, { stars: 4, note: 'gun a hand further off, as planned' }),
  p(4, 'herons', 'popper', 3, { stars: 4 }),
  p(2, 'lantern', 'popper', 4, { story: 'slower' }),
  p(1, 'ferry', 'rattle', 5, { story: 'unweighed' }),
];
