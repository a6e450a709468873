// Kept apart from the schema, so that a screen that only names things does not load the validator.

/** Changes of care, which no control has. On users' disks: never rename one alone. */
export const precautions = [
  'stirMore',
  'shelter',
  'coolFaster',
  'moreAirflow',
  'byColour',
  'lighter',
  'freshGreen',
  'moveMark',
  'probeBack',
  'restFirst',
  'tasteFresh',
  'ownSocket',
] as const;
/** One of `cares`. */
export type Precaution = (typeof precautions)[number];

/** How each is called on the screen. */
export const precautionNames = {
  stirMore: 'stir or shake without a pause until the beans turn yellow',
  shelter: 'roast out of the wind and the cold',
  coolFaster: 'cool faster: a fan under the colander, the beans spread thin',
  moreAirflow: 'let smoke and chaff out: a wider opening, the chaff blown off as it comes',
  byColour: 'pull by colour, smell and the forecast; listen from the side',
  lighter: 'pull a shade lighter, before the spread shows',
  freshGreen: 'roast the same from fresher green',
  moveMark: 'put the mark in this roast’s log where it belongs',
  probeBack: 'put the probe back where it was; where it stays, its own first crack is learned anew',
  tasteFresh: 'taste it while it is at its best, before the roast is changed',
  ownSocket: 'give it a socket of its own, without an extension lead: what else runs there takes its heat',
  restFirst: 'let the beans rest, then taste this roast again before anything is changed',
} as const satisfies Record<Precaution, string>;
