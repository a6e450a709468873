import { ruleWords } from '../../plan/index.ts';
import { milestoneNames, type Stage, stageNames, stageOf } from '../../roast/index.ts';
import { shadeOf } from '../../shade/index.ts';
import { capital, formatClock } from '../../units/index.ts';
import { HAND_WARM_S } from './cooling.ts';
import { stageHints } from './hints.ts';
import { awaited } from './marks.ts';
import { preheatTarget } from './preheat.ts';
import type { HeatSituation } from './situation.ts';
import type { Telling } from './telling.ts';

/** The stage in a word, what comes next and when. */
export interface NextWords {
  readonly stage: string;
  /** What comes next; `inS` seconds belong behind it where they are known. */
  readonly head: string;
  readonly inS: number | undefined;
  readonly detail: string;
  /** What to watch for, while nothing else is told. */
  readonly hint: string;
}

/** Nearer than this it may be any moment, seconds. */
const ANY_MOMENT_S = 4;

/** What the field says beside the clock. It agrees with what is told: beside a danger nothing counts down calmly. */
export function nextWords(situation: HeatSituation, gravest: Telling | undefined): NextWords {
  const stage = stageNow(situation);
  return { ...wordsFor(situation, gravest, stageNames[stage]), hint: stageHints[stage] };
}

type Words = Omit<NextWords, 'hint'>;

function wordsFor(situation: HeatSituation, gravest: Telling | undefined, stage: string): Words {
  if (!situation.charged) return preheatWords(situation, stage);
  const { pull, cooled } = situation.reached;
  if (pull !== undefined) {
    const detail = `Pulled at ${formatClock(pull)}.`;
    return cooled === undefined
      ? { stage, head: 'Hand-warm within', inS: Math.max(0, pull + HAND_WARM_S - situation.nowS), detail }
      : { stage, head: `Hand-warm after ${formatClock(cooled - pull)}`, inS: undefined, detail };
  }
  if (gravest?.level === 'danger')
    return situation.heard.firstCrack === undefined && situation.heard.secondCrack === undefined
      ? { stage: 'Look now', head: 'No crack marked', inS: undefined, detail: '' }
      : { stage: 'Out now', head: stage, inS: undefined, detail: 'Heat off.' };
  const milestone = awaited(situation);
  return milestone ? markWords(situation, stage, milestone) : pullWords(situation, stage);
}

/** Where the roast is by what was marked or seen. */
function stageNow(situation: HeatSituation): Stage {
  const { secondCrack } = situation.heard;
  const stage = stageOf(
    { ...situation.reached, ...(secondCrack === undefined ? {} : { secondCrack }) },
    situation.charged,
  );
  return stage === 'drying' && awaited(situation) === 'firstCrack' ? 'browning' : stage;
}

function markWords(situation: HeatSituation, stage: string, milestone: 'yellow' | 'firstCrack'): Words {
  const title = capital(milestoneNames[milestone]);
  const { lateS } = situation.usual[milestone];
  if (situation.nowS >= lateS)
    return { stage, head: `${title} is late`, inS: undefined, detail: `usually by ${formatClock(lateS)}` };
  const forecast = situation.forecasts.find((each) => each.milestone === milestone);
  return forecast
    ? { stage, ...inAbout(title, forecast, situation.nowS) }
    : { stage, head: title, inS: undefined, detail: '' };
}

function pullWords({ pulls, nowS, words }: HeatSituation, stage: string): Words {
  const [next] = pulls;
  if (!next) return { stage, head: '', inS: undefined, detail: '' };
  const title = next.last ? 'Pull' : `Part ${next.index + 1}, ${words.shade(next.shade)},`;
  const { head, inS, detail } = inAbout(title, { ...next, medianS: next.dueS }, nowS);
  const why = next.probe
    ? next.probe.leftC > 0
      ? `${words.degrees(next.probe.leftC)} to go to ${words.temperature(next.probe.targetC)}`
      : `${words.temperature(next.probe.targetC)} is reached`
    : next.withoutReadings
      ? 'no fresh reading: by the clock meanwhile'
      : next.by === 'guard'
        ? `${shadeOf(next.shade).secondCrackS === 0 ? 'before' : 'by'} second crack`
        : next.rule
          ? ruleWords(next.rule, words.degrees)
          : 'by the shade';
  // A rule that counts from a mark leaves no range.
  const range = next.lateS - next.earlyS < 3 || inS === undefined ? '' : `${detail}, `;
  return { stage, head, inS, detail: `${range}${why}` };
}

function inAbout(
  title: string,
  { earlyS, medianS, lateS }: { earlyS: number; medianS: number; lateS: number },
  nowS: number,
): Pick<NextWords, 'head' | 'inS' | 'detail'> {
  const left = medianS - nowS;
  if (left < ANY_MOMENT_S)
    return { head: left < 0 ? `${title} now` : `${title} any moment`, inS: undefined, detail: '' };
  const between = `between ${formatClock(Math.max(0, earlyS - nowS))} and ${formatClock(lateS - nowS)}`;
  return { head: `${title} in about`, inS: left, detail: between };
}

function preheatWords(situation: HeatSituation, stage: string): Words {
  const target = preheatTarget(situation);
  if (!target) return { stage, head: 'Press Beans in as you charge', inS: undefined, detail: '' };
  if (target.reached) return { stage, head: 'Hot enough: beans in', inS: undefined, detail: target.words };
  if (target.leftS === undefined) return { stage, head: 'Hot enough at', inS: undefined, detail: target.words };
  return { stage, head: 'Hot enough in about', inS: target.leftS, detail: target.words };
}
