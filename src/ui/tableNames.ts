import type { ContentTable } from '@/core/exchange';

/** What the rows of a notebook's tables are called, one and many. */
export const tableNames = {
  lots: { one: 'the lot', many: 'lots' },
  gear: { one: 'the piece of gear', many: 'pieces of gear' },
  roasts: { one: 'the roast', many: 'roasts' },
  days: { one: 'the roast day', many: 'roast days' },
  jars: { one: 'the jar', many: 'jars' },
  cups: { one: 'the cup', many: 'cups' },
  flights: { one: 'the flight', many: 'flights' },
  flightKeys: { one: 'the key of a flight', many: 'keys of flights' },
  recipes: { one: 'the recipe', many: 'recipes' },
  experiments: { one: 'the experiment', many: 'experiments' },
  journalViews: { one: 'the saved view', many: 'saved views' },
} as const satisfies Record<ContentTable, { readonly one: string; readonly many: string }>;
