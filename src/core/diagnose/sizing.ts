import type { NextChange } from '../experiment/index.ts';
import {
  expectationFor,
  type ForecastQuestion,
  type HeatStretch,
  KNOWN_FROM,
  settingAt,
  stepsAbove,
} from '../forecast/index.ts';
import { controlsOf, gramsOnTray, largestGramsOf } from '../gear/index.ts';
import type { Milestones } from '../roast/index.ts';
import { shadeOf } from '../shade/index.ts';
import type { Case } from './case.ts';
import type { Proposal } from './rule.ts';

type Stretch = 'toYellow' | 'yellowToFirst' | 'toFirstCrack' | 'firstToPull';
type When = Extract<NextChange, { kind: 'move' }>['when'];

/** A change must be small enough to see, and large enough too. */
const MOST_STEPS = 2;
const MOST_GRAMS_SHARE = 0.2;

/**
 * Less heat (`by` −1) or more (1) from a moment on, so that a stretch comes back to its usual length: so many steps as
 * this gear's own roasts say, or the lid, or another batch where there is no control of heat. `question` is asked of heat.
 */
export function sizedHeat(evidence: Case, by: -1 | 1, when: When, stretch: Stretch, question: string): Proposal {
  const { control, noted, used } = evidence.heat;
  const missing = shortOf(evidence, stretch);
  if (control) {
    const perStep = perStepS(evidence, stretch);
    const steps = Math.min(MOST_STEPS, Math.max(1, Math.round(Math.abs(missing) / Math.max(1, perStep))));
    const set = noted[stretchAfter(when)];
    // Nobody noted a setting: then only by how much.
    if (set === undefined)
      return { change: { kind: 'heat', control: control.id, bySteps: by * steps, when }, question };
    const now = Math.round(set);
    // One step past what was ever used here, no further: what lies there nobody knows.
    const within = (wanted: number) =>
      used ? Math.min(Math.round(used.most) + 1, Math.max(Math.round(used.least) - 1, wanted)) : wanted;
    const value = settingAt(control, within(now + by * steps));
    const made = stepsAbove(control, value) - now;
    if (made * by > 0)
      return {
        change: { kind: 'move', control: control.id, value, when },
        expected: variedHeat(evidence) ? expectedWords(evidence, Math.abs(made) * perStep, by < 0) : undefined,
        question,
      };
  }
  const lid = controlsOf(evidence.gear).find((each) => each.kind === 'switch' && each.id === 'lid');
  if (lid?.kind === 'switch' && by < 0 && !madeMove(evidence, 'lid', lid.on))
    return { change: { kind: 'move', control: 'lid', value: lid.on, when }, question };
  return sizedGrams(evidence, by, stretch);
}

/** Own batches so far apart say what weight does: a tenth. Ours. */
const VARIED_GRAMS = 1.1;
function variedGrams({ past, roast }: Case): boolean {
  const own = past.flatMap(({ gearId, greenGrams }) => (gearId === roast.gearId ? [greenGrams] : []));
  return own.length > 0 && Math.max(...own) > VARIED_GRAMS * Math.min(...own);
}

/** A batch so much smaller or larger that it slows or hastens a stretch; which way depends on what carries the heat. */
export function sizedGrams(evidence: Case, by: -1 | 1, stretch: Stretch): Proposal {
  const { greenGrams } = evidence.roast;
  // In hot air a bigger batch runs faster, elsewhere slower (handbook, section 4).
  const bigger = (evidence.method.heatedBy === 'air') === by > 0;
  if (bigger && largestOf(evidence) - greenGrams < LEAST_GRAMS) return noRoom(evidence, by);
  const most = bigger
    ? Math.min(greenGrams * (1 + MOST_GRAMS_SHARE), largestOf(evidence))
    : greenGrams * (1 - MOST_GRAMS_SHARE);
  const wanted = Math.abs(shortOf(evidence, stretch));
  const whole = Math.abs(meanS(evidence, stretch, most) - meanS(evidence, stretch, greenGrams));
  const share = whole > 1 ? Math.min(1, Math.max(0.25, wanted / whole)) : 0.5;
  const byGrams =
    Math.round(((most - greenGrams) * share) / LEAST_GRAMS) * LEAST_GRAMS || (bigger ? LEAST_GRAMS : -LEAST_GRAMS);
  const gains = Math.abs(meanS(evidence, stretch, greenGrams + byGrams) - meanS(evidence, stretch, greenGrams));
  return {
    change: { kind: 'grams', byGrams },
    expected: variedGrams(evidence) ? expectedWords(evidence, gains, by < 0) : undefined,
    question: byGrams > 0 ? 'A larger batch?' : 'A smaller batch?',
  };
}

/** Less of a batch is no change, grams. */
const LEAST_GRAMS = 5;

/** A larger batch is what would help, and the gear takes no more. */
function noRoom({ method }: Case, by: -1 | 1): Proposal {
  if (by < 0) return { change: { kind: 'care', care: 'stirMore' }, question: 'Moved without a pause?' };
  return method.heatFrom === 'socket'
    ? { change: { kind: 'care', care: 'ownSocket' }, question: 'A socket of its own?' }
    : { change: { kind: 'care', care: 'shelter' }, question: 'Out of the wind and the cold?' };
}

/** The usual change of the pull is 15 to 30 s (handbook, section 10). */
const USUAL_PULL_S = 15;
const MOST_PULL_S = 30;

/**
 * The pull so much later or earlier, in fives: by what its own rule was missed by, else by what the stretch after first
 * crack lay off; no more than that, and no more than half a minute at once.
 */
export function sizedPull(evidence: Case, side: 'later' | 'earlier'): Omit<Proposal, 'question'> {
  const span = evidence.spans.afterCrack;
  const later = side === 'later' ? 1 : -1;
  const off = [evidence.pulled.lateS, span && span.seconds - span.usual.medianS].find(
    (each) => each !== undefined && -each * later >= LEAST_PULL_S,
  );
  const missedS = off === undefined ? USUAL_PULL_S : Math.abs(off);
  const byS = Math.min(MOST_PULL_S, Math.floor(missedS / 5) * 5);
  return {
    change: { kind: 'pull', byS: later * byS },
    ...(missedS > MOST_PULL_S * 1.5
      ? { expected: `It was about ${Math.round(missedS / 5) * 5} s off: this is the first of two steps.` }
      : {}),
  };
}
const LEAST_PULL_S = 5;

const stretchAfter = (when: When): HeatStretch =>
  when.kind === 'at' ? 'early' : when.milestone === 'firstCrack' ? 'late' : 'middle';

/** Whether the gear's own roasts were set differently enough to say what a step does. */
function variedHeat({ heat: { used } }: Case): boolean {
  return used !== undefined && used.most - used.least >= 1;
}

/** How much a stretch fell short of its usual length, seconds; below 0 where it was longer. */
function shortOf(evidence: Case, stretch: Stretch): number {
  const { drying, browning, toFirstCrack, pace, afterCrack } = evidence.spans;
  const span = { toYellow: drying, yellowToFirst: browning, toFirstCrack, firstToPull: pace ?? afterCrack }[stretch];
  return span ? span.usual.medianS - span.seconds : 0;
}

/** Less than this is not worth a word, seconds. */
const TOLD_FROM_S = 3;

function expectedWords(evidence: Case, seconds: number, slower: boolean): string | undefined {
  if (evidence.ownRoasts < KNOWN_FROM || seconds < TOLD_FROM_S) return undefined;
  return `By your own roasts on it that is about ${Math.round(seconds / 5) * 5 || 5} s ${slower ? 'slower' : 'faster'}.`;
}

function meanS(evidence: Case, stretch: Stretch, greenGrams: number): number {
  return expectedS(evidence, stretch, { greenGrams: gramsOnTray(evidence.gear, greenGrams) });
}

/** How long a stretch is expected to take, seconds, other things being as usual. */
function expectedS({ usual, past, shades }: Case, stretch: Stretch, asked: Partial<ForecastQuestion>): number {
  const { fits } = expectationFor({ ...usual.question, ...asked }, past);
  // The time after first crack is predicted as that of medium.
  const share = stretch === 'firstToPull' ? shadeOf(shades.got ?? shades.meant).afterCrackShare : 1;
  return Math.exp(fits.predict(stretch).mean) * share;
}

/** What one step of heat does to a stretch by the household's own roasts, seconds. */
function perStepS(evidence: Case, stretch: Stretch): number {
  const heat = evidence.heat.control;
  if (!heat) return 0;
  const start = heat.kind === 'step' ? heat.start : heat.words.indexOf(heat.start) + 1;
  const step = heat.kind === 'step' ? heat.by : 1;
  const scaledBy = (factor: number) => expectedS(evidence, stretch, { heat: factor });
  return Math.abs(scaledBy(1 - step / start) - scaledBy(1));
}

/** The largest batch that the gear takes, grams. */
export function largestOf({ gear, method }: Case): number {
  return largestGramsOf(gear ?? { method: method.id });
}

function madeMove(evidence: Case, control: string, value: string): boolean {
  return evidence.live.some((entry) => entry.kind === 'move' && entry.control === control && entry.value === value);
}

/** The moment a change of heat is meant for. */
export const fromStart: When = { kind: 'at', atS: 0 };
/** A moment told by the milestone that it follows. */
export const atMilestone = (milestone: Extract<keyof Milestones, 'yellow' | 'firstCrack'>): When => ({
  kind: 'milestone',
  milestone,
});
