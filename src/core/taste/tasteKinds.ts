/** The lines of our short sheet, 0 to 10 in halves. Source: handbook, section 9. On users' disks: never rename one alone. */
export const sheetLines = ['smell', 'brightness', 'sweetness', 'body', 'bitterness', 'finish'] as const;
/** One of `sheetLines`. */
export type SheetLine = (typeof sheetLines)[number];
/** How each is called on the screen. */
export const lineNames = {
  smell: 'Smell',
  brightness: 'Brightness',
  sweetness: 'Sweetness',
  body: 'Body',
  bitterness: 'Bitterness',
  finish: 'Finish',
} as const satisfies Record<SheetLine, string>;

/** Words to pick from; free text says the rest. Common tasting words in four plain groups. */
export const tasteWords = {
  pleasant: [
    'chocolate',
    'caramel',
    'toffee',
    'nuts',
    'honey',
    'orange',
    'apple',
    'berries',
    'apricot',
    'flowers',
    'tea',
    'spice',
  ],
  sharp: ['tart', 'lemony', 'grassy', 'sour'],
  dull: ['flat', 'woody', 'bready', 'papery'],
  burnt: ['bitter', 'ashy', 'smoky', 'harsh'],
} as const;

/** The questions that a flight can answer. On users' disks: never rename one alone. */
export const flightQuestions = ['preference', 'triangle', 'rank'] as const;
/** One of `flightQuestions`. */
export type FlightQuestion = (typeof flightQuestions)[number];
/** How each is called on the screen. */
export const questionNames = {
  preference: 'Which is better?',
  triangle: 'Can we tell them apart?',
  rank: 'Rank and score them',
} as const satisfies Record<FlightQuestion, string>;

/** Who knows what while a flight is tasted. On users' disks: never rename one alone. */
export const flightManners = ['poured', 'alone', 'open'] as const;
/** One of `flightManners`. */
export type FlightManner = (typeof flightManners)[number];
/** How each is called on the screen. */
export const mannerNames = {
  poured: 'blind, somebody else pours',
  alone: 'blind, alone',
  open: 'open, by name',
} as const satisfies Record<FlightManner, string>;

/** How a cup is brewed. On users' disks: never rename one alone. */
export const brewHows = ['immersion', 'filter', 'espresso', 'concentrate', 'coldBrew', 'other'] as const;
/** One of `brewHows`. */
export type BrewHow = (typeof brewHows)[number];
/** How each is called on the screen. */
export const brewHowNames = {
  immersion: 'by immersion',
  filter: 'through a filter',
  espresso: 'as espresso',
  concentrate: 'as a concentrate, thinned',
  coldBrew: 'as cold brew',
  other: 'another way',
} as const satisfies Record<BrewHow, string>;
