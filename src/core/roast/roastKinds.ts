// Kept apart from the schemas, so that a screen that only names things does not load the validator.

/** Points of a roast that a person marks. On users' disks: never rename one alone. */
export const milestones = ['yellow', 'firstCrack', 'firstCrackEnd', 'secondCrack', 'pull', 'cooled'] as const;
/** One of `milestones`. */
export type Milestone = (typeof milestones)[number];

/** The times that an entry may have, seconds from charge: four hours before it to a day after. */
export const ENTRY_S = { least: -14_400, most: 86_400 } as const;
/** The readings that it may have, °C; the roasted weights, grams; the letters of a note. */
export const ENTRY_C = { least: -50, most: 600 } as const;
/** A plan holds so many moves, at times up to so late, seconds from charge. */
export const PLANNED = { moves: 20, latestS: 7200 } as const;
/** The air around the gear, °C: from a hard frost to a shed in the sun. */
export const AIR_C = { least: -40, most: 60 } as const;
/** What a weight in a log may be, grams. */
export const ENTRY_GRAMS = { least: 0, most: 100_000 } as const;
/** The longest note in a log, letters. */
export const ENTRY_TEXT = 500;

/** Where an entry came from; `guess` stands where it happened and nobody noted when. */
export const sources = ['hand', 'tap', 'probe', 'microphone', 'simulator', 'guess'] as const;

/** What speaks by itself: nobody pressed it, so Undo passes over it and it may come every second. */
export const streamedSources = [
  'probe',
  'microphone',
  'simulator',
] as const satisfies readonly (typeof sources)[number][];
type Streamed = (typeof streamedSources)[number];

/** Whether something comes by itself, from a probe or the simulation, and no hand pressed it. */
export function isStreamed<T extends { readonly source: (typeof sources)[number] }>(
  entry: T,
): entry is T & { readonly source: Streamed } {
  return (streamedSources as readonly string[]).includes(entry.source);
}

/** The air where nobody noted it, °C: a room in use, by common knowledge. */
export const USUAL_AMBIENT_C = 20;

/** Smells in the order in which they come (handbook, section 2). */
export const smells = ['grass', 'hay', 'toast', 'biscuit', 'sweet', 'smoke'] as const;
/** One of `smells`. */
export type Smell = (typeof smells)[number];

/** What else can be seen at the heat. On users' disks: never rename one alone. */
export const senses = {
  sheen: ['dull', 'satin', 'spots of oil', 'oily'],
  smoke: ['none', 'wisps', 'some', 'thick'],
  movement: ['stuck', 'slow', 'free', 'flying'],
} as const;
/** What is seen, besides the colour. */
export type SenseKind = keyof typeof senses;
/** Every kind of it, in the order in which they are shown. */
export const senseKinds = Object.keys(senses) as SenseKind[];

/** Scorched or tipped spots on the beans. On users' disks: never rename one alone. */
export const spotAmounts = ['none', 'some', 'many'] as const;
/** A bitten bean: its inside against its outside, and how it breaks. On users' disks: never rename one alone. */
export const bites = ['alike', 'palerInside'] as const;
/** One of `bites`. */
export type Bite = (typeof bites)[number];
/** How each is called on the screen. */
export const biteNames = { alike: 'as brown as outside', palerInside: 'paler inside' } as const satisfies Record<
  Bite,
  string
>;
/** How a bean breaks when it is bitten or snapped. */
export const snaps = ['brittle', 'hard'] as const;

/** How alike the beans came out. */
export const evennesses = ['even', 'someSpread', 'patchy'] as const;
/** One of `evennesses`. */
export type Evenness = (typeof evennesses)[number];

/** How each is called on the screen. */
export const evennessNames = {
  even: 'even',
  someSpread: 'some spread',
  patchy: 'patchy',
} as const satisfies Record<Evenness, string>;
