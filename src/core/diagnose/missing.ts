import type { Case } from './case.ts';

/** What to record next time, the most telling first; at most three, since hands are busy. */
export function missingFrom(evidence: Case): string[] {
  const { reached, roast, shades, cups, loss } = evidence;
  const wanted: (string | false)[] = [
    reached.firstCrack === undefined &&
      'Mark first crack when it begins to roll; without it browning and what came after cannot be told apart.',
    reached.yellow === undefined && 'Mark yellow, when the last green is gone; it parts drying from browning.',
    shades.got === undefined && 'Note the shade it came out.',
    loss.percent === undefined && 'Weigh the roasted beans; the loss tells how far they went.',
    roast.evenness === undefined && 'Look at the colour: even, or with some spread?',
    cups.length === 0 && 'Taste it, and pick a word or two.',
  ];
  return wanted.filter((each) => each !== false).slice(0, 3);
}
