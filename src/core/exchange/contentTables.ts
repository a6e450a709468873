/** The tables of a notebook, in the order of the file. */
export const contentTables = [
  'lots',
  'gear',
  'roasts',
  'days',
  'jars',
  'cups',
  'flights',
  'flightKeys',
  'recipes',
  'experiments',
  'journalViews',
] as const;
export type ContentTable = (typeof contentTables)[number];

/** An empty notebook. */
export const noContent = {
  lots: [],
  gear: [],
  roasts: [],
  days: [],
  jars: [],
  cups: [],
  flights: [],
  flightKeys: [],
  recipes: [],
  experiments: [],
  journalViews: [],
};
