import {
  type FlightManner,
  type FlightQuestion,
  fewestRight,
  fewestScored,
  preferencePower,
  trianglePower,
} from '@/core/taste';
import { counted } from '@/core/units';

/** What each manner asks of who tastes. */
export const mannerHints = {
  poured: 'Somebody who does not taste, or not yet, pours by slips that nobody else sees.',
  alone: 'You pour, shuffle the cups with your eyes shut, and look under them at the end. The app cannot know either.',
  open: 'Names on the table. Good for learning to taste; what one knows, one tastes.',
} as const satisfies Record<FlightManner, string>;

/** What so many sheets can be expected to show. */
export function powerWords(question: FlightQuestion, sheets: number, cups: number): string {
  const percent = (share: number) => `${Math.round(share * 100)} %`;
  switch (question) {
    case 'triangle': {
      const needed = fewestRight(sheets, 1 / 3);
      if (needed === undefined)
        return `${counted(sheets, 'sheet')} cannot show anything yet: three right are the fewest that can.`;
      return `${sheets} sheets: ${needed} right would show it. If you notice the difference every other time, that happens in ${percent(trianglePower(sheets, 0.5))} of such flights.`;
    }
    case 'preference': {
      const power = preferencePower(sheets, 0.8);
      return power === 0
        ? `${counted(sheets, 'sheet')} cannot show a preference yet: six that agree are the fewest that can.`
        : `${sheets} sheets: if four in five prefer one, that shows in ${percent(power)} of such flights.`;
    }
    case 'rank': {
      const fewest = fewestScored(cups);
      return sheets < fewest
        ? `${counted(sheets, 'sheet')} cannot show a difference yet: with ${cups} cups, ${fewest} that put them in one order are the fewest that can.`
        : `${sheets} sheets, scored from 0 to 10: if all put the cups in one order, that shows a difference.`;
    }
  }
}
