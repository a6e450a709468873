import { assertNever } from '../../issues/index.ts';
import { type LiveEntry, milestoneNames, type Question, questionsAbout } from '../../roast/index.ts';
import { namedColours } from '../../shade/index.ts';
import { capital, formatClock, formatSpan } from '../../units/index.ts';
import { crackProposal, guessedSnaps } from '../crackProposals.ts';
import { probeMovedByC } from '../firstCrackC.ts';
import { readingAt } from '../rateOfRise.ts';
import { doubtfulReading } from '../readingChecks.ts';
import type { HeatSituation } from './situation.ts';
import { type Answer, logs, type Telling } from './telling.ts';

const sure = (target: Question['entryId']): Answer => ({
  label: 'It is right',
  does: logs({ kind: 'amend', target, sure: true }),
});
const takeBack = (target: Question['entryId'], label = 'Take it back'): Answer => ({
  label,
  does: logs({ kind: 'undo', target }),
});
/** A colour that offers a mark does so for this long, seconds. */
const COLOUR_OFFERS_S = 40;
/** Three more cracks say it again after "Not yet". */
const MORE_CRACKS = 3;

/** Everything that the screen asks: nothing is refused, all is kept already, an answer only puts it right. */
export function questions(situation: HeatSituation): Telling[] {
  return [
    ...aboutReading(situation),
    ...markQuestions(situation.live),
    ...byTaps(situation),
    ...aboutSnaps(situation),
    ...aboutColour(situation),
    ...aboutProbe(situation),
  ];
}

/** What is odd about the marks, each with its answers; on the roast's page as at the heat. */
export function markQuestions(live: readonly LiveEntry[]): Telling[] {
  return questionsAbout(live).map((question): Telling => {
    const { entryId } = question;
    const at = live.find(({ id }) => id === entryId)?.at ?? 0;
    const ask = { key: `${question.kind}:${entryId}`, level: 'ask' as const, text: questionWords(question) };
    switch (question.kind) {
      case 'twice':
        return {
          ...ask,
          answers: [
            takeBack(question.earlierId, formatClock(question.at)),
            takeBack(entryId, formatClock(question.earlierAt)),
          ],
        };
      case 'missingBefore': {
        const lines = [
          { draft: { kind: 'undo' as const, target: entryId } },
          { draft: { kind: 'mark' as const, milestone: 'firstCrack' as const }, atS: at },
        ];
        return {
          ...ask,
          answers: [{ label: 'It was first crack', does: { kind: 'log', lines } }, sure(entryId), takeBack(entryId)],
        };
      }
      default:
        return { ...ask, answers: [sure(entryId), takeBack(entryId)] };
    }
  });
}

function questionWords(question: Question): string {
  const name = capital(milestoneNames[question.milestone]);
  switch (question.kind) {
    case 'missingBefore':
      return `${name}, and no ${milestoneNames[question.missing]} before it?`;
    case 'beforeEarlier':
      return `${name} at ${formatClock(question.at)}, before ${milestoneNames[question.other]} at ${formatClock(question.otherAt)}?`;
    case 'tooSoon':
      // Whole seconds that have passed, as the clock has them.
      return `${name} only ${formatSpan(Math.floor(question.afterS))} after ${question.other === 'charge' ? 'the beans went in' : milestoneNames[question.other]}?`;
    case 'tooLate':
      return `${name} ${formatSpan(question.at)} after the beans went in?`;
    case 'twice':
      return `${name} is marked twice. When was it?`;
    default:
      return assertNever(question);
  }
}

function byTaps({ live, reached, nowS, putOff }: HeatSituation): Telling[] {
  const proposal = crackProposal(live, reached, nowS);
  if (!proposal) return [];
  const { milestone, atS } = proposal;
  const key = `taps:${milestone}`;
  const cracks = live.filter(({ kind }) => kind === 'crack').length;
  const before = putOff.get(key);
  if (before !== undefined && cracks < before + MORE_CRACKS) return [];
  return [
    {
      key,
      level: 'ask',
      text: `By your taps: ${milestoneNames[milestone]} since ${formatClock(atS)}. Take it?`,
      answers: [
        { label: 'Take it', does: logs({ kind: 'mark', milestone }, atS) },
        { label: 'Not yet', does: { kind: 'putOff', weight: cracks } },
      ],
    },
  ];
}

/** Cracks that were taken for snaps by the quiet gap alone: the person says which they were with one press. */
function aboutSnaps({ live, reached, putOff }: HeatSituation): Telling[] {
  const snaps = guessedSnaps(live, reached);
  const key = 'snaps';
  if (snaps.length === 0 || putOff.has(key)) return [];
  const lines = snaps.flatMap(({ id, at }) => [
    { draft: { kind: 'undo' as const, target: id } },
    { draft: { kind: 'crack' as const, crack: 'first' as const }, atS: at },
  ]);
  return [
    {
      key,
      level: 'ask',
      text: 'After the quiet gap: kept as snaps of second crack.',
      answers: [
        { label: 'Right', does: { kind: 'putOff', weight: snaps.length } },
        { label: 'Pops of first', does: { kind: 'log', lines } },
      ],
    },
  ];
}

function aboutColour({ live, reached, nowS, putOff }: HeatSituation): Telling[] {
  if (reached.yellow !== undefined || reached.firstCrack !== undefined) return [];
  const last = live.findLast((entry) => entry.kind === 'colour');
  const named = last?.kind === 'colour' ? namedColours.find(({ tone }) => tone === last.tone)?.name : undefined;
  if (!last || (named !== 'yellow' && named !== 'tan') || nowS - last.pressedAt > COLOUR_OFFERS_S) return [];
  const key = `colour:${last.id}`;
  if (putOff.has(key)) return [];
  return [
    {
      key,
      level: 'ask',
      text: named === 'yellow' ? 'All of them yellow? That is the mark.' : 'Tan already: was yellow just before?',
      answers: [
        { label: 'Mark yellow', does: logs({ kind: 'mark', milestone: 'yellow' }, last.at) },
        { label: 'Not yet all', does: { kind: 'putOff', weight: 1 } },
      ],
    },
  ];
}

function aboutReading({ live, words }: HeatSituation): Telling[] {
  const doubtful = doubtfulReading(live);
  if (!doubtful) return [];
  const { entry, expectedC } = doubtful;
  const points =
    expectedC === undefined
      ? 'is more than beans can be'
      : `is far off the curve, which points to ${words.temperature(expectedC)}`;
  return [
    {
      key: `far:${entry.id}`,
      level: 'ask',
      text: `${words.temperature(entry.celsius)} ${points}.`,
      answers: [sure(entry.id), takeBack(entry.id)],
    },
  ];
}

/** Asked once, at first crack: the probe reads something else there than it used to. */
function aboutProbe({ live, reached, readings, ownC, words }: HeatSituation): Telling[] {
  const mark = live.findLast((entry) => entry.kind === 'mark' && entry.milestone === 'firstCrack');
  const readC = reached.firstCrack === undefined ? undefined : readingAt(readings, reached.firstCrack);
  const byC = probeMovedByC(readC, ownC);
  if (byC === undefined || ownC === undefined || !mark || mark.sure || reached.pull !== undefined) return [];
  return [
    {
      key: `moved:${mark.id}`,
      level: 'ask',
      text: `The probe reads ${words.degrees(Math.abs(byC))} ${byC > 0 ? 'above' : 'below'} its usual ${words.temperature(ownC)} at first crack.`,
      answers: [
        { label: 'The probe moved', does: logs({ kind: 'amend', target: mark.id, sure: true }) },
        { label: 'A stray pop', does: logs({ kind: 'undo', target: mark.id }) },
      ],
    },
  ];
}
