// Kept apart from the rules, so that a list that only names findings does not load them.

/** What can stand out, by the name it has in lists and filters. On users' disks by its key: never rename one alone. */
export const findingNames = {
  cupAge: 'tasted too soon or too late',
  misMarked: 'a mark at the wrong moment',
  probeMoved: 'a probe that was moved',
  hotGear: 'began in hot gear',
  hotStart: 'too hot a start',
  scorched: 'scorched beans',
  rushedBrowning: 'browning rushed',
  draggedBrowning: 'browning dragged',
  stall: 'stalled after first crack',
  overLong: 'too long in all',
  tooShort: 'too short in all',
  underpowered: 'too little power',
  coldPlace: 'slowed by cold or wind',
  hotDay: 'hastened by a hot day',
  bigBatch: 'batch too big',
  smallBatch: 'batch too small',
  stoppedShort: 'pulled too soon',
  wentTooFar: 'went too far',
  slowCooling: 'cooled too slowly',
  smoky: 'smoke stayed with the beans',
  mixedBeans: 'uneven beans, not an uneven roast',
  poorMovement: 'beans moved too little',
  oldGreen: 'old green',
  unheardCracks: 'cracks not heard',
} as const;
/** The id of a finding: a key of `findingNames`. */
export type FindingId = keyof typeof findingNames;

/** Every finding. */
export const findingIds = Object.keys(findingNames) as FindingId[];
