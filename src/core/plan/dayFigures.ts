// Apart from the schema of a day, so that a page which only asks for them does not load the checking of files.

/** A day of more batches than this is none that one person roasts. */
export const MOST_DAY_BATCHES = 20;

/** A day to come begins at this hour until the person says otherwise. */
export const USUAL_START = '09:00';
