import { SECOND_CRACK_LATE_S, wantedIntoSecondS } from '../../forecast/index.ts';
import type { Method } from '../../gear/index.ts';
import { formatClock } from '../../units/index.ts';
import { DANGER_PAST_FIRST_CRACK_C } from '../firstCrackC.ts';
import { isFresh } from '../rateOfRise.ts';
import { lookAnswers, lookedWithinS } from './look.ts';
import type { HeatSituation } from './situation.ts';
import { gravestFirst, type Telling } from './telling.ts';

/** Smoke, char and fire from so much rolling second crack on, seconds; sooner in strong hot air, later in a slow pan. Source: handbook, section 14; the shifts are ours. */
const FIRE_S = { air: 75, both: 90, contact: 105 } as const satisfies Record<Method['heatedBy'], number>;
/** Half a minute is dark, a minute very dark. Source: as above. */
const DARK_S = 30;
const VERY_DARK_S = 60;
/** So far past the pull that was meant is danger: never less than this, nor than a fifth of the stretch. Ours, as for second crack. */
const OVERDUE = { leastS: SECOND_CRACK_LATE_S, share: 0.2 } as const;
/** Somebody who just said what the beans look like has looked, seconds. */
const LOOKED_S = 45;

/** Dangers, the gravest first: fire by temperature, second crack going on, the pull passed by, nothing marked at all. */
export function dangers(situation: HeatSituation): Telling[] {
  return gravestFirst([
    ...fireByTemperature(situation),
    ...secondCrackGoingOn(situation),
    ...pulledTooLate(situation),
    ...nothingMarked(situation),
  ]);
}

/** How far past first crack the last fresh reading is, °C; this roast's own first crack where it has one. */
export function pastFirstCrackC({ readings, firstC, nowS }: HeatSituation): number | undefined {
  const last = readings.at(-1);
  return last && isFresh(last, nowS) ? last.celsius - firstC.celsius : undefined;
}

function fireByTemperature(situation: HeatSituation): Telling[] {
  const past = pastFirstCrackC(situation);
  if (past === undefined || past < DANGER_PAST_FIRST_CRACK_C) return [];
  const whose = { roast: 'first crack', gear: 'this gear’s first crack', usual: 'the usual first crack' }[
    situation.firstC.from
  ];
  return [
    {
      key: 'fire',
      level: 'danger',
      text: `${situation.words.degrees(past)} past ${whose}: smoke and fire are near. Out now, heat off.`,
    },
  ];
}

function secondCrackGoingOn({ heard, nowS, pulls, method, words }: HeatSituation): Telling[] {
  const last = pulls.at(-1);
  if (heard.secondCrack === undefined || !last) return [];
  const since = Math.max(0, nowS - heard.secondCrack);
  const next = pulls[0] ?? last;
  const wanted = wantedIntoSecondS(last.shade, last.rule);
  const clock = formatClock(since);
  const fire = FIRE_S[method.heatedBy];
  if (since >= fire)
    return [
      {
        key: 'secondFire',
        level: 'danger',
        text: `Second crack for ${clock}: smoke, char and fire come now. Out, heat off.`,
      },
    ];
  if (wanted === undefined)
    return [
      {
        key: 'secondUnwanted',
        level: 'danger',
        text: `Second crack: past ${words.shade(last.shade)} now, and smoke and fire lie ahead. Pull now.`,
      },
    ];
  if (since >= wanted + SECOND_CRACK_LATE_S)
    return [
      {
        key: 'secondLate',
        level: 'danger',
        text: `${clock} into second crack, ${formatClock(wanted)} wanted: smoke, then fire. Pull now.`,
      },
    ];
  if (next.last && since >= wanted)
    return [{ key: 'secondPull', level: 'due', text: `Pull now: ${clock} into second crack.` }];
  const stage = since >= VERY_DARK_S ? ', very dark by now' : since >= DARK_S ? ', dark by now' : '';
  return [
    {
      key: 'secondCounts',
      level: 'soon',
      text: `${clock} into second crack${stage}; smoke and fire from about ${formatClock(fire)}.`,
    },
  ];
}

function pulledTooLate({ heard, nowS, pulls, words }: HeatSituation): Telling[] {
  const last = pulls.at(-1);
  if (
    heard.firstCrack === undefined ||
    heard.secondCrack !== undefined ||
    !last ||
    last.rule?.kind === 'intoSecondCrack'
  )
    return [];
  const late = nowS - last.dueS;
  const room = Math.max(OVERDUE.leastS, OVERDUE.share * (last.dueS - heard.firstCrack));
  if (late < room) return [];
  return [
    {
      key: 'overdue',
      level: 'danger',
      text: `${formatClock(late)} past the pull you meant: darker than ${words.shade(last.shade)}, smoke and fire lie ahead. Pull now.`,
    },
  ];
}

function nothingMarked({ heard, live, nowS, usual }: HeatSituation): Telling[] {
  if (heard.firstCrack !== undefined || heard.secondCrack !== undefined || nowS < usual.latestPullS) return [];
  if (lookedWithinS(live, nowS, LOOKED_S)) return [];
  return [
    {
      key: `look${Math.floor((nowS - usual.latestPullS) / 60)}`,
      level: 'danger',
      text: `${formatClock(nowS)}, no crack marked; latest usual pull ${formatClock(usual.latestPullS)}. Perhaps near fire: look now.`,
      answers: lookAnswers(nowS),
    },
  ];
}
