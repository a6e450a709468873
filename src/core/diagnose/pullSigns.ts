import type { Case } from './case.ts';
import type { Sign } from './rule.ts';
import { asUsual, fact } from './signs.ts';

/** A hand is this many seconds off without meaning to; ours. */
const KEPT_WITHIN_S = 10;
/** So many seconds more say it plainly. */
const PLAIN_S = 30;

/** The plan's own rule for the pull against what was done: the first evidence there is. */
export function ruleSign({ pulled: { lateS } }: Case, side: 'early' | 'late'): Sign | undefined {
  const off = side === 'late' ? (lateS ?? 0) : -(lateS ?? 0);
  return fact(
    off > KEPT_WITHIN_S,
    `By the plan's own rule it was to be pulled ${Math.round(off)} s ${side === 'late' ? 'sooner' : 'later'}.`,
    0.5 + 0.5 * Math.min(1, (off - KEPT_WITHIN_S) / PLAIN_S),
  );
}

/** Every pull that came out lighter or darker than it was planned; a part of a staged pull by its own shade. */
export function partSigns({ shades: { parts }, written: { shade } }: Case, side: 'lighter' | 'darker'): Sign[] {
  const off = parts.flatMap(({ meant, got }, i) => {
    const by = got === undefined ? 0 : side === 'darker' ? got - meant : meant - got;
    const which = parts.length > 1 ? `Part ${i + 1}` : 'It';
    return by > 0 && got ? [{ by, says: `${which} came out ${shade(got)}, meant to be ${shade(meant)}.` }] : [];
  });
  // Parts of one roast go wrong together: the furthest tells how much.
  const most = Math.max(...off.map(({ by }) => by));
  return off.map(({ says, by }) => ({
    says,
    weight: by === most ? (0.4 + 0.3 * by) / off.filter((each) => each.by === most).length : 0.01,
  }));
}

/** Light roasts are tart and dark ones bitter by their nature: then the usual small change of the pull is worth a try. */
const NATURE = {
  lighter: { taste: 'tart', is: (shade: number) => shade <= 3, says: 'light roasts taste tart', but: 'darker' },
  darker: { taste: 'bitter', is: (shade: number) => shade >= 5, says: 'dark roasts taste bitter', but: 'lighter' },
} as const;

/** What the meant shade says of a pull that is to have gone too far to a side: against it, or that it tastes as such shades do. */
export function meantSigns(evidence: Case, side: 'lighter' | 'darker', said: boolean): (Sign | undefined)[] {
  const { meant, got } = evidence.shades;
  const { taste, is, says, but } = NATURE[side];
  const byNature = evidence.complaints.has(taste) && is(meant) && is(got ?? meant);
  const opposite = got !== undefined && (side === 'lighter' ? got > meant : got < meant);
  return [
    fact(opposite, `It came out ${but} than it was meant to be.`, -1),
    fact(byNature, `It was meant to be ${evidence.written.shade(meant)}, and ${says}.`, 0.5),
    fact(got === meant && !byNature, 'It came out as dark as it was meant to be.', -0.7),
    byNature ? undefined : asUsual(evidence, 'afterCrack', 0.4, said),
  ];
}
