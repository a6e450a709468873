import { mean } from 'd3-array';
import type { Cup } from '../taste/index.ts';

/** What can be said against a roast or a cup (handbook, section 10). On users' disks: never rename one alone. */
const complaints = ['flat', 'tart', 'bitter', 'bready', 'raw', 'uneven', 'scorched'] as const;
/** One of `complaints`. */
export type Complaint = (typeof complaints)[number];

/** How each is called on the screen. */
export const complaintNames = {
  flat: 'flat or woody, like all the others',
  tart: 'tart, lemony or grassy',
  bitter: 'bitter, ashy or smoky',
  bready: 'bready, dull or papery',
  raw: 'raw inside, hard to grind',
  uneven: 'uneven in colour',
  scorched: 'spotted or scorched',
} as const satisfies Record<Complaint, string>;

/** What is usually changed for beans that look or bite so, where the record says nothing of why (handbook, section 10). */
export const usualChanges = {
  uneven: 'stir or shake more; then a smaller batch, or a gentler start',
  raw: 'less heat early, so that browning takes longer',
  scorched: 'less heat until the beans move, or more distance',
} as const satisfies Partial<Record<Complaint, string>>;
/** A complaint of how the beans are, not of how the cup tastes. */
export type LookComplaint = keyof typeof usualChanges;

/** Whether it is the roast's alone: no grinder or brew can do it. */
export const isOfLooks = (complaint: Complaint): complaint is LookComplaint => complaint in usualChanges;

/** Words of the tasting sheet that are a complaint. */
const ofWord: Readonly<Record<string, Complaint>> = {
  flat: 'flat',
  woody: 'flat',
  bready: 'bready',
  papery: 'bready',
  tart: 'tart',
  lemony: 'tart',
  grassy: 'tart',
  sour: 'tart',
  bitter: 'bitter',
  ashy: 'bitter',
  smoky: 'bitter',
  harsh: 'bitter',
};
/** More words that people write in notes. */
const ofNoteWord: Readonly<Record<string, Complaint>> = {
  ...ofWord,
  baked: 'bready',
  papery: 'bready',
  burnt: 'bitter',
  acrid: 'bitter',
  raw: 'raw',
  spots: 'scorched',
  scorched: 'scorched',
  tipped: 'scorched',
  patchy: 'uneven',
  uneven: 'uneven',
};
/** After these a word says the opposite. */
const NOT = new Set(['not', 'no', 'never', 'less', 'without', 'nothing', 'hardly']);
/** A cup that was liked so well has no complaint in its words: a lively cup may be called tart. */
const LIKED_FROM = 7.5;

const LIKED_STARS = 4;

/** Whether a roast was liked: by its cups where one was scored, else by its stars. */
export function wasLiked(stars: number | undefined, cups: readonly Pick<Cup, 'sheet'>[]): boolean {
  const score = mean(cups, ({ sheet }) => sheet.overall);
  return score === undefined ? (stars ?? 0) >= LIKED_STARS : score >= LIKED_FROM;
}

/** Which complaints a note speaks of, with the words; of a roast that was liked (four stars or more) none. */
export function complaintsOfNote(note: string | undefined, stars: number | undefined): Map<Complaint, string[]> {
  const found = new Map<Complaint, string[]>();
  if (!note || (stars ?? 0) >= LIKED_STARS) return found;
  const words = note.toLowerCase().match(/[a-z]+/g) ?? [];
  words.forEach((word, i) => {
    const complaint = ofNoteWord[word];
    const denied = NOT.has(words[i - 1] ?? '') || NOT.has(words[i - 2] ?? '');
    if (complaint && !denied) found.set(complaint, [...(found.get(complaint) ?? []), word]);
  });
  return found;
}

/** Which complaints the cups speak of, with the words they said it in. */
export function complaintsOfCups(cups: readonly Cup[]): Map<Complaint, string[]> {
  const found = new Map<Complaint, string[]>();
  for (const { words, sheet } of cups) {
    if (sheet.overall !== undefined && sheet.overall >= LIKED_FROM) continue;
    for (const word of words) {
      const complaint = ofWord[word];
      if (complaint && !found.get(complaint)?.includes(word))
        found.set(complaint, [...(found.get(complaint) ?? []), word]);
    }
  }
  return found;
}
