// Kept apart from the rules, so that a list that only names findings does not load them.

/** What can stand out, by the name it has in lists and filters. On users' disks by its key: never rename one alone. */
export const findingNames = {
  misMarked: 'a mark at the wrong moment',
  hotGear: 'began in hot gear',
  hotStart: 'too hot a start',
  scorched: 'scorched beans',
  rushedBrowning: 'browning rushed',
  draggedBrowning: 'browning dragged',
  stall: 'stalled after first crack',
  overLong: 'too long in all',
  underpowered: 'too little power',
  coldPlace: 'slowed by cold or wind',
  bigBatch: 'batch too big',
  smallBatch: 'batch too small',
  stoppedShort: 'pulled too soon',
  wentTooFar: 'went too far',
  slowCooling: 'cooled too slowly',
  mixedBeans: 'uneven beans, not an uneven roast',
  poorMovement: 'beans moved too little',
  oldGreen: 'old green',
} as const;
export type FindingId = keyof typeof findingNames;

/** Every finding. */
export const findingIds = Object.keys(findingNames) as FindingId[];
