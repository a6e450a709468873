/** One step of Gander, as somebody who uses it would tell it. */
export interface Changed {
  /** The day, and what tells one step from another. */
  readonly on: string;
  readonly says: readonly string[];
}

/** What changed for those who use Gander, newest first: shown when a newer Gander is offered. Add to the top. */
export const changes: readonly Changed[] = [
  {
    on: '2026-12-02',
    says: [
      'On a tablet held upright the roast screen shows all that it tells, with a larger clock.',
      'A batch put on a day’s list is proposed in the shade that you liked best of its beans.',
      'A flight that was scored says whether that may be chance.',
      'A large notebook is loaded and saved quicker once more.',
      'A friend’s roast finds those of your beans and gear that are most like theirs.',
      'Looking at a photo of beans is quicker.',
    ],
  },
  {
    on: '2026-12-01',
    says: [
      'Listening shows more of the snaps once second crack rolls.',
      'The weeks ahead count what is on a day’s list already.',
      'Beans that came out patchy or raw get the usual remedy, also where nothing in the record says why.',
      'A jar that was frozen keeps the day on which it was ready.',
      'Money: a blend is not reckoned by a part of its price any more; batches that were not weighed count by their shade.',
      'An experiment with one more stir knows whether there was one more.',
      'Saving and loading a large notebook is quicker and takes less memory.',
      'The times that are forecast before a roast lie nearer, most on hot gear and in a popper.',
      'Findings propose only what the gear can do, and take two trays for two.',
      'Tables out of spreadsheets are read as they are meant; a planned move that was taken back is due again.',
      'A roast evening goes on past midnight, and “start hot” on a batch is kept.',
      'The journal shows at once what was changed on a roast’s page; a staged pull is found by each of its shades.',
      'Beans that went in too early are taken back to the preheat, which is no part of a roast’s ribbon or sound any more.',
      'A question of your own may compare any two parts of a staged pull.',
      'Beans in that was pressed late is put right, at the heat by −5 s and later on the roast’s page.',
    ],
  },
  {
    on: '2026-11-30',
    says: [
      'The list of recipes opens on a day with a roast, too; it could stay at “Opening the recipes…”.',
      'What to roast next goes by what is left of each of your beans.',
      'Dark roasts that went well without second crack being heard teach Gander that it comes late on that gear.',
      'A rule that counts seconds of second crack is kept to, also in a medium-dark.',
      'A plan of beans or gear that were put away says so, and opens.',
      'A question of your own is asked in your unit, with settings to choose from.',
    ],
  },
  {
    on: '2026-11-28 last',
    says: [
      'Practice, findings and comparisons speak in your own units and names of shades.',
      'A dark roast that is repeated goes by second crack, as it did.',
      'What an experiment asks of the heat is called out at its moment.',
    ],
  },
  {
    on: '2026-11-28 late',
    says: [
      'Listening: noise that goes on no longer holds first crack open, and what snaps the whole time is no second crack.',
      'What is planned for weeks ahead goes by the usual batch of the gear in use.',
      'A browser that keeps nothing, or has no room, is said at once.',
    ],
  },
  {
    on: '2026-11-28 night',
    says: ['A photo is measured faster. Gander prints a swatch that shows whether the camera still reads what it did.'],
  },
  {
    on: '2026-11-28 evening',
    says: [
      'The look of the beans: a photo beside white paper tells how dark and how even they are, on the page of a roast and of a jar.',
      'Photos stand side by side in Compare with the light taken out, and go into the saved file if you wish.',
      'Practice asks which of two trays is darker.',
    ],
  },
  {
    on: '2026-11-28 noon',
    says: [
      'Listening gets to know each piece of gear and says on its page what it learnt; it can listen at every roast on it.',
      'A short whistle marks what comes next, two take it back: off until you want it, taught in Practice.',
      'The sound of a roast can be kept: press on its ribbon to hear that moment, or have it listened to again.',
      'Cracks that were heard doubtfully are drawn hollow.',
    ],
  },
  {
    on: '2026-11-28',
    says: [
      'Gander can listen: press Listen under More at the heat, and it hears the cracks and proposes first crack, its end and second crack.',
      'A newer Gander that arrives just as a page opens is offered on that page.',
    ],
  },
  {
    on: '2026-11-27 night',
    says: [
      'What is typed of a note is kept on leaving the page, and a page turns to night with the device.',
      'A notebook that a newer Gander saved opens in an older one, which keeps what it does not know.',
    ],
  },
  {
    on: '2026-11-27 evening',
    says: ['A notebook of years is saved and loaded without the page standing still; loading it can be stopped.'],
  },
  {
    on: '2026-11-27',
    says: [
      'A newer Gander asks before it takes over, and says what changed.',
      'A copy of the notebook a day goes into a folder of yours, where the browser allows it; elsewhere Gander reminds you.',
      'Deleted things can be had back for 30 days, in Files and settings.',
      'Tables for a spreadsheet, and lists and temperature logs from elsewhere read in.',
      'A roast or recipe for somebody else: as text, picture, drawing or file.',
      'Thermometers on a USB cable or by Bluetooth, where the browser has them.',
      'A rescue page for a notebook that will not open.',
    ],
  },
];

/** What a newer Gander has that this one has not told; all of it where nothing is known of the older one. */
export function newerThan(theirs: readonly Changed[], mine: readonly Changed[]): readonly Changed[] {
  const known = new Set(mine.map(({ on }) => on));
  return theirs.filter(({ on }) => !known.has(on));
}
