import { milestoneNames } from '../../roast/index.ts';
import { capital, formatClock } from '../../units/index.ts';
import { pastFirstCrackC } from './dangers.ts';
import { darkestSeen, lookAnswers, lookedWithinS, PAST_YELLOW_TONE } from './look.ts';
import type { HeatSituation } from './situation.ts';
import type { Telling } from './telling.ts';

/** Half a minute before a milestone it is announced. Ours, seconds. */
const SOON_S = 30;
const NOW_S = 3;
/** After an answer the same question rests, seconds. */
const RESTS_S = 60;

/** The mark that is waited for: yellow until it or something later was marked or seen, then first crack; none after it. */
export function awaited({ heard, live }: Pick<HeatSituation, 'heard' | 'live'>): 'yellow' | 'firstCrack' | undefined {
  if (heard.firstCrack !== undefined || heard.secondCrack !== undefined || heard.pull !== undefined) return undefined;
  return heard.yellow === undefined && (darkestSeen(live) ?? 0) < PAST_YELLOW_TONE ? 'yellow' : 'firstCrack';
}

/** So far past first crack a reading says that it was missed: nearer where the figure is the gear's own. Ours, °C. */
const MISSED_C = { roast: 12, gear: 12, usual: 20 } as const;

/** The thermometer says that first crack is past, and nobody marked it. */
function hotterThanCrack(situation: HeatSituation): Telling | undefined {
  const past = pastFirstCrackC(situation);
  if (past === undefined || past < MISSED_C[situation.firstC.from]) return undefined;
  return {
    key: `hot${Math.floor(situation.nowS / RESTS_S)}`,
    level: 'ask',
    text: `${situation.words.degrees(past)} past first crack by the thermometer. What do the beans do now?`,
    answers: lookAnswers(situation.nowS),
  };
}

/** Yellow and first crack: announced, due, and asked about when they are later than is usual here. */
export function marks(situation: HeatSituation): Telling[] {
  const milestone = awaited(situation);
  if (!milestone) return [];
  // Nobody marked anything, and even first crack's time is past: then that is what is missing.
  const missing = situation.nowS >= situation.usual.firstCrack.lateS ? 'firstCrack' : milestone;
  const lateS = situation.usual[missing].lateS;
  const hot = hotterThanCrack(situation);
  if (hot && !lookedWithinS(situation.live, situation.nowS, RESTS_S)) return [hot];
  const title = capital(milestoneNames[milestone]);
  if (situation.nowS >= lateS) {
    if (lookedWithinS(situation.live, situation.nowS, RESTS_S)) return [];
    return [
      {
        key: `late:${missing}${Math.floor((situation.nowS - lateS) / RESTS_S)}`,
        level: 'ask',
        text: `${capital(milestoneNames[missing])} is usually here by ${formatClock(lateS)}. What do the beans look like now?`,
        answers: lookAnswers(situation.nowS),
      },
    ];
  }
  const forecast = situation.forecasts.find((each) => each.milestone === milestone);
  const left = forecast ? forecast.medianS - situation.nowS : Number.POSITIVE_INFINITY;
  if (left <= NOW_S) return [{ key: `due:${milestone}`, level: 'soon', text: `${title} any moment.` }];
  return left <= SOON_S ? [{ key: `soon:${milestone}`, level: 'soon', text: `${title} in about half a minute.` }] : [];
}
