import type { Stage } from '../../roast/index.ts';

/** What to watch and smell for in each stage, while nothing else is to be told. Source: handbook, section 2. */
export const stageHints = {
  preheating: 'Beans weighed, cooling ready, smoke going out?',
  drying: 'Keep them moving until all are yellow. Grass, then hay.',
  browning: 'Toast and biscuit, then sweet. Chaff flies.',
  firstCrack: 'They heat themselves now, and everything speeds up.',
  quietGap: 'Quiet. Second crack comes fainter and faster.',
  secondCrack: 'A dry crackle, then oil, then smoke.',
  cooling: 'Spread them thin in moving air.',
  cooled: 'Chaff off, look, weigh.',
} as const satisfies Record<Stage, string>;
