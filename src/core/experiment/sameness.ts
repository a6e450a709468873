import { type Control, settingWords } from '../gear/index.ts';
import type { Written } from '../household/index.ts';
import { dueAtS, liveEntries, meantShade, milestonesOfRoast, type Roast } from '../roast/index.ts';
import type { NextChange } from './nextChange.ts';
import { SAME_MOVE_S } from './withChange.ts';

/** What was otherwise between the two roasts of an experiment, besides what was meant to be. */
export interface Sameness {
  /** Whether the one change was really made; undefined where the record cannot tell. */
  readonly changed: boolean | undefined;
  /** What else was different, in words. */
  readonly also: readonly string[];
}

/** Less of a difference is none: grams as a share, °C, and a move's steps. */
const SAME_GRAMS_SHARE = 0.05;
const SAME_AMBIENT_C = 6;
/** A change of the pull counts as made when at least half of it was. */
const HALF = 0.5;

/** Checks the two records against each other. `controls` are those of the gear of the second. */
export function samenessOf(
  a: Roast,
  b: Roast,
  change: NextChange,
  written: Written,
  controls: readonly Control[],
): Sameness {
  const [wantedA, wantedB] = [meantShade(a), meantShade(b)];
  const byGrams = b.greenGrams - a.greenGrams;
  const also: (string | false)[] = [
    a.lotId !== b.lotId && !(change.kind === 'care' && change.care === 'freshGreen') && 'you used other beans',
    a.gearId !== b.gearId && 'you used other gear',
    change.kind !== 'grams' &&
      Math.abs(byGrams) > a.greenGrams * SAME_GRAMS_SHARE &&
      `you also used ${written.weight(Math.abs(byGrams))} ${byGrams > 0 ? 'more' : 'less'}`,
    wantedA !== wantedB &&
      !(change.kind === 'care' && change.care === 'lighter') &&
      // A later pull is meant to come out darker, an earlier one lighter.
      !(change.kind === 'pull' && Math.sign(wantedB - wantedA) === Math.sign(change.byS)) &&
      `you also wanted it ${written.shade(wantedB)} instead of ${written.shade(wantedA)}`,
    !(change.kind === 'care' && change.care === 'shelter') && weatherDifference(a, b, written),
    change.kind !== 'coolGear' &&
      (a.gearHot ?? false) !== (b.gearHot ?? false) &&
      (b.gearHot ? 'the gear was still hot the second time' : 'the gear was still hot the first time'),
    ...otherMoves(a, b, change, controls),
  ];
  return { changed: wasMade(a, b, change), also: also.filter((each) => each !== false) };
}

function weatherDifference(a: Roast, b: Roast, { degrees }: Written): string | false {
  if (a.ambientC === undefined || b.ambientC === undefined) return false;
  const by = Math.round(b.ambientC - a.ambientC);
  return Math.abs(by) > SAME_AMBIENT_C && `it was ${degrees(Math.abs(by))} ${by > 0 ? 'warmer' : 'colder'}`;
}

/** Controls that were set in one of the two only, but the one that was to be. */
function otherMoves(a: Roast, b: Roast, change: NextChange, controls: readonly Control[]): string[] {
  const meant = change.kind === 'move' || change.kind === 'heat' ? change.control : undefined;
  const settings = (roast: Roast) =>
    new Set(
      liveEntries(roast.entries).flatMap((entry) =>
        entry.kind === 'move' && entry.value !== undefined && entry.control !== meant
          ? [settingWords(controls, entry.control, entry.value)]
          : [],
      ),
    );
  const [inA, inB] = [settings(a), settings(b)];
  return [
    ...[...inB].filter((each) => !inA.has(each)).map((each) => `you also set ${each}`),
    ...[...inA].filter((each) => !inB.has(each)).map((each) => `you did not set ${each} again`),
  ];
}

/** A move was made near its moment, or once more than the first time; an act such as a stir only by being one more. */
function moveWasMade(a: Roast, b: Roast, { control, value, when }: Extract<NextChange, { kind: 'move' }>): boolean {
  const made = (roast: Roast) =>
    liveEntries(roast.entries).filter(
      (entry) => entry.kind === 'move' && entry.control === control && entry.value === value,
    );
  const atS = dueAtS(when, milestonesOfRoast(b));
  const isNear = (at: number) => value !== undefined && atS !== undefined && Math.abs(at - atS) <= SAME_MOVE_S;
  return made(b).length > made(a).length || made(b).some(({ at }) => isNear(at));
}

function wasMade(a: Roast, b: Roast, change: NextChange): boolean | undefined {
  switch (change.kind) {
    case 'grams':
      return (b.greenGrams - a.greenGrams) / change.byGrams >= HALF;
    case 'pull': {
      const after = (roast: Roast) => {
        const { firstCrack, pull } = milestonesOfRoast(roast);
        return firstCrack === undefined || pull === undefined ? undefined : pull - firstCrack;
      };
      const [before, now] = [after(a), after(b)];
      return before === undefined || now === undefined ? undefined : (now - before) / change.byS >= HALF;
    }
    case 'move':
      return moveWasMade(a, b, change);
    case 'heat':
      return undefined;
    case 'coolGear':
      return !b.gearHot;
    case 'care':
      return change.care === 'lighter' ? meantShade(b) < meantShade(a) : undefined;
  }
}
