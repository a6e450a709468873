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
/** One of `contentTables`. */
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

/** What the rows of each table are called, one and many, without an article. */
export const tableNouns = {
  lots: { one: 'lot', many: 'lots' },
  gear: { one: 'piece of gear', many: 'pieces of gear' },
  roasts: { one: 'roast', many: 'roasts' },
  days: { one: 'roast day', many: 'roast days' },
  jars: { one: 'jar', many: 'jars' },
  cups: { one: 'cup', many: 'cups' },
  flights: { one: 'flight', many: 'flights' },
  flightKeys: { one: 'key of a flight', many: 'keys of flights' },
  recipes: { one: 'recipe', many: 'recipes' },
  experiments: { one: 'experiment', many: 'experiments' },
  journalViews: { one: 'saved view', many: 'saved views' },
} as const satisfies Record<ContentTable, { readonly one: string; readonly many: string }>;

/** “the roast”, “the settings”. */
export const theRow = (table: ContentTable | 'household'): string =>
  `the ${table === 'household' ? 'settings' : tableNouns[table].one}`;
